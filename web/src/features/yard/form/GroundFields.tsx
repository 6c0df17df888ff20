import { Button, Select, TextField } from '../../../shared/ui';
import { MetresField, type Calibration } from '../../length';
import { useUsualGround } from '../api';
import { fieldsOf } from '../drawing/ThingGrips';
import { Opened } from './Opened';
import {
  eighth,
  letter,
  namesFor,
  rowHere,
  sideText,
  SURFACES,
  toEighth,
  WAYS,
  type BayRow,
  type Change,
  type Draft,
} from '../model';

/** Surface, fall and entrance. */
export function GroundFields({ draft, onChange }: { draft: Draft; onChange: (some: Change) => void }) {
  const names = namesFor(draft);
  const n = names.length;
  const sides = names.map((name, i) => ({ value: String(i), label: sideText(i, n, name) }));
  const { entrance } = draft;
  return (
    <div className="grid gap-3">
      <Select
        label="Surface"
        value={draft.surface}
        options={SURFACES}
        onChoose={(surface) => onChange({ surface })}
      />
      <div className="grid grid-cols-2 gap-4">
        <TextField
          label="Fall, %"
          inputMode="decimal"
          value={draft.fall}
          onChange={(e) => onChange({ fall: e.target.value })}
        />
        <Select
          label="Downhill on the drawing"
          value={String(draft.towards)}
          options={WAYS}
          onChoose={(v) => onChange({ towards: Number(v) })}
        />
        <Select
          label="Entrance"
          value={entrance === undefined ? '' : String(entrance.side)}
          options={[{ value: '', label: 'anywhere' }, ...sides]}
          onChoose={(v) =>
            onChange({
              entrance: v === '' ? undefined : { side: Number(v), alongMetres: entrance?.alongMetres ?? 1 },
            })
          }
        />
        {entrance && (
          <MetresField
            label={`So far from ${letter(entrance.side)}`}
            orZero
            metres={entrance.alongMetres}
            onRead={(alongMetres) =>
              onChange((d) => ({ entrance: d.entrance && { ...d.entrance, alongMetres } }))
            }
          />
        )}
      </div>
      <details className="border-l-2 border-rule pl-3">
        <summary className="cursor-pointer">What the sides are called</summary>
        <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2">
          {names.map((name, i) => (
            <TextField
              key={i}
              label={`Side ${letter(i)}${letter((i + 1) % n)}`}
              placeholder="such as kerb"
              maxLength={40}
              value={name}
              onChange={(e) => onChange((d) => ({ sideNames: namesFor(d).with(i, e.target.value) }))}
            />
          ))}
        </div>
      </details>
    </div>
  );
}

/** Rows of painted bays. */
export function BayRowFields(props: {
  rows: BayRow[];
  /** What the painted bays measure here, if they were taped. */
  bay: Calibration | undefined;
  /** Number of the one that is worked on. */
  chosen: number | undefined;
  onChoose: (index: number | undefined) => void;
  onChange: (how: (rows: BayRow[]) => BayRow[]) => void;
}) {
  const { rows, onChange } = props;
  const usual = useUsualGround().data?.bayRow;
  return (
    <div className="grid gap-3">
      {rows.map((row, i) => {
        const set = (some: Partial<BayRow>) =>
          onChange((all) => all.map((r, at) => (at === i ? { ...r, ...some } : r)));
        return (
          <Opened key={i} id={fieldsOf({ row: i })} index={i} chosen={props.chosen} onChoose={props.onChoose}>
            <summary className="cursor-pointer">
              Row of <span className="figures">{row.count}</span> bays
            </summary>
            <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2">
              <MetresField
                label="First line along AB, from A"
                orZero
                metres={row.xMetres}
                onRead={(m) => set({ xMetres: m })}
              />
              <MetresField
                label="First line square to AB"
                orZero
                metres={row.yMetres}
                onRead={(m) => set({ yMetres: m })}
              />
              <Select
                label="Counted (bays at the left)"
                value={String(toEighth(row.turnRadians))}
                options={WAYS}
                onChoose={(v) => set({ turnRadians: eighth(Number(v)) })}
              />
              <TextField
                label="Bays"
                inputMode="numeric"
                value={String(row.count)}
                onChange={(e) => /^\d+$/.test(e.target.value) && set({ count: Number(e.target.value) })}
              />
              <MetresField label="One bay" metres={row.bayMetres} onRead={(m) => set({ bayMetres: m })} />
              <MetresField label="Lines" metres={row.depthMetres} onRead={(m) => set({ depthMetres: m })} />
            </div>
            <Button
              kind="quiet"
              onClick={() => {
                props.onChoose(undefined);
                onChange((all) => all.toSpliced(i, 1));
              }}
            >
              Remove this row
            </Button>
          </Opened>
        );
      })}
      <div>
        <Button
          disabled={usual === undefined}
          onClick={() => {
            if (usual === undefined) return;
            onChange((all) => [...all, rowHere(usual, props.bay)]);
            props.onChoose(rows.length);
          }}
        >
          Add a row of bays
        </Button>
      </div>
    </div>
  );
}
