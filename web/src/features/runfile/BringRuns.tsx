import { useState } from 'react';
import { Button, Toggle, useSay } from '../../shared/ui';
import { usePreferences } from '../../shared/units';
import { useBringRuns, useRunPreview, type Preview, type Table } from './api';
import { Columns } from './Columns';
import { addsText } from './model';

/** Larger files are refused by the server; said here before they are sent. */
const MOST_BYTES = 12_000_000;

/** Brings runs in from a table: how it is to be read, what would come in, what is wrong, before anything is stored. */
export function BringRuns() {
  const { system } = usePreferences();
  const [table, setTable] = useState<Table>();
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string>();
  const preview = useRunPreview();
  const bring = useBringRuns();
  const say = useSay();
  const look = (next: Table) => {
    setTable(next);
    preview.mutate(next, { onError: (e) => setProblem(e.message) });
  };
  const choose = async (file: File) => {
    setProblem(undefined);
    setName(file.name);
    if (file.size > MOST_BYTES) {
      setTable(undefined);
      setProblem('This file is larger than 12 MB: split it. Nothing came in.');
      return;
    }
    look({ text: await file.text(), dates: 'DAY_FIRST', lengths: system });
  };
  const seen = table === undefined ? undefined : preview.data;
  return (
    <section aria-label="Import runs" className="border-t border-rule pt-4">
      <h2>Import</h2>
      <label className="mt-1 block">
        <span className="mb-1 block">
          From a table saved as CSV, whose first line names the columns. Riders, machines and courses are
          found by their names; days that are missing are made.
        </span>
        <input
          type="file"
          accept=".csv,.txt,text/csv"
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = '';
            if (file !== undefined) void choose(file);
          }}
        />
      </label>
      <div aria-live="polite" className="mt-3 grid gap-4">
        {problem !== undefined && <p className="text-brick">{problem}</p>}
        {preview.isPending && <p className="text-soft">Reading {name}…</p>}
        {table && seen && (
          <>
            <How table={table} onChange={look} />
            <Columns preview={seen} onChange={(columns) => look({ ...table, columns })} />
            <Seen preview={seen} name={name} />
            {seen.findings.length === 0 && seen.adds > 0 && (
              <div>
                <Button
                  kind="primary"
                  disabled={bring.isPending || preview.isPending}
                  onClick={() =>
                    bring.mutate(table, {
                      onSuccess: (came) => {
                        setTable(undefined);
                        say.done(came.added === 1 ? '1 run imported.' : `${came.added} runs imported.`);
                      },
                      onError: say.failed,
                    })
                  }
                >
                  {bring.isPending ? 'Importing…' : 'Import'}
                </Button>
              </div>
            )}
          </>
        )}
      </div>
    </section>
  );
}

function How({ table, onChange }: { table: Table; onChange: (table: Table) => void }) {
  return (
    <div className="flex flex-wrap gap-6">
      <Toggle
        label="Dates"
        value={table.dates}
        options={[
          { value: 'DAY_FIRST', label: 'day first' },
          { value: 'MONTH_FIRST', label: 'month first' },
        ]}
        onChoose={(dates) => onChange({ ...table, dates })}
      />
      <Toggle
        label="Settings without a unit"
        value={table.lengths}
        options={[
          { value: 'METRIC', label: 'metres' },
          { value: 'IMPERIAL', label: 'feet' },
        ]}
        onChoose={(lengths) => onChange({ ...table, lengths })}
      />
    </div>
  );
}

function Seen({ preview, name }: { preview: Preview; name: string }) {
  if (preview.findings.length === 0) {
    return (
      <p>
        {name}: <b>{addsText(preview)}</b>
      </p>
    );
  }
  const all = preview.findings.length + preview.more;
  return (
    <div role="alert">
      <p className="text-brick">
        {name} does not come in. {all === 1 ? 'One thing is' : `${all} things are`} wrong with it; nothing is
        stored:
      </p>
      <ul className="mt-1 grid max-h-80 gap-1 overflow-y-auto">
        {preview.findings.map((f, i) => (
          <li key={i}>
            {f.line > 0 && <span className="figures text-soft">line {f.line}: </span>}
            {f.message}
          </li>
        ))}
      </ul>
      {preview.more > 0 && <p className="text-soft">And {preview.more} more.</p>}
    </div>
  );
}
