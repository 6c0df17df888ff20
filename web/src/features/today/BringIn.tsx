import { useState } from 'react';
import { useImport, usePreview, type Preview } from '../day';
import { Button, useSay } from '../../shared/ui';

/** Larger files are refused by the server; said here before they are sent. */
const MOST_BYTES = 1_000_000;

/** Brings days in from a file: shows what would come in, or all that is wrong, before anything is stored. */
export function BringIn() {
  const [text, setText] = useState<string>();
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string>();
  const preview = usePreview();
  const bringIn = useImport();
  const say = useSay();
  const read = async (file: File) => {
    setText(undefined);
    setProblem(undefined);
    setName(file.name);
    if (file.size > MOST_BYTES) {
      setProblem('This file is larger than 1 MB: no file of days is. Nothing was imported.');
      return;
    }
    const read = await file.text();
    setText(read);
    preview.mutate(read, { onError: say.failed });
  };
  const seen = text === undefined ? undefined : preview.data;
  return (
    <section aria-label="Import days" className="mt-4 border-t border-rule pt-4">
      <label className="block">
        <span className="mb-1 block">Or import days from a file in this app’s own format:</span>
        <input
          type="file"
          accept="application/json,.json"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file !== undefined) void read(file);
          }}
        />
      </label>
      <div aria-live="polite" className="mt-3 grid gap-2">
        {problem !== undefined && <p className="text-brick">{problem}</p>}
        {seen && <Seen preview={seen} name={name} />}
        {seen?.findings.length === 0 && text !== undefined && (
          <div>
            <Button
              kind="primary"
              disabled={bringIn.isPending}
              onClick={() =>
                bringIn.mutate(text, {
                  onSuccess: (came) => {
                    setText(undefined);
                    say.done(
                      `${came.days} days, ${came.riders} riders and ${came.machines} machines imported.`,
                    );
                  },
                  onError: say.failed,
                })
              }
            >
              Import
            </Button>
          </div>
        )}
      </div>
    </section>
  );
}

const PLURALS: Record<string, string> = {
  yard: 'yards',
  machine: 'machines',
  rider: 'riders',
  course: 'courses',
  day: 'days',
};

function Seen({ preview, name }: { preview: Preview; name: string }) {
  if (preview.findings.length > 0) {
    return (
      <div role="alert">
        <p className="text-brick">
          {name} cannot be imported. {preview.findings.length === 1 ? 'One thing is' : 'These are'} wrong with
          it:
        </p>
        <ul className="mt-1 grid list-disc gap-1 pl-6">
          {preview.findings.map((f, i) => (
            <li key={i}>
              {f.message}{' '}
              {f.where !== '' && !f.message.includes(f.where) && (
                <span className="figures text-sm text-soft">{f.where}</span>
              )}
            </li>
          ))}
        </ul>
      </div>
    );
  }
  return (
    <div>
      <p>{name} would add:</p>
      <ul className="mt-1 grid gap-1">
        {Object.entries(PLURALS).map(([sort, plural]) => {
          const names = preview.adds.filter((a) => a.sort === sort).map((a) => a.name);
          return (
            names.length > 0 && (
              <li key={sort}>
                <span className="figures">{names.length}</span> {names.length === 1 ? sort : plural}:{' '}
                <span className="text-soft">{names.join(', ')}</span>
              </li>
            )
          );
        })}
        {preview.simulatedRuns > 0 && (
          <li>
            <span className="figures">{preview.simulatedRuns}</span>{' '}
            {preview.simulatedRuns === 1 ? 'run' : 'runs'}, simulated
          </li>
        )}
      </ul>
    </div>
  );
}
