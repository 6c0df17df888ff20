import { LengthField, type Calibrations } from '../../length';
import { Button, Select, Toggle } from '../../../shared/ui';
import {
  CORNERS,
  letter,
  MOST_SIDES,
  sideBySide,
  withoutSide,
  withSide,
  type Change,
  type Corner,
  type Draft,
} from '../model';

/** The outline as it is measured: a rectangle, or side by side with its corners. */
export function OutlineFields(props: {
  draft: Draft;
  known: Calibrations;
  onChange: (some: Change) => void;
}) {
  const { draft, onChange } = props;
  const n = draft.sides.length;
  const setSide = (i: number, length: Draft['sides'][number]) =>
    onChange((d) => ({ sides: d.sides.with(i, length) }));
  const side = (i: number, label: string) => (
    <LengthField
      label={label}
      value={draft.sides[i]}
      known={props.known}
      onRead={(l) => setSide(i, l)}
      onRefused={() => setSide(i, undefined)}
    />
  );
  return (
    <div className="grid gap-3">
      <Toggle
        label="Outline"
        value={draft.shape}
        options={[
          { value: 'RECTANGLE', label: 'Rectangle' },
          { value: 'SIDES', label: 'Side by side' },
        ]}
        onChoose={(shape) => onChange(shape === 'SIDES' ? sideBySide : { shape })}
      />
      {draft.shape === 'RECTANGLE' ? (
        <div className="grid grid-cols-2 gap-4">
          {side(0, 'Usable length')}
          {side(1, 'Usable width')}
        </div>
      ) : (
        <>
          <p className="text-sm text-soft">
            Walk round with the yard at your left hand. A corner that is not square needs a diagonal to fix
            it.
          </p>
          {draft.sides.map((_, i) => (
            <div key={i} className="grid grid-cols-2 gap-4">
              {side(i, `${letter(i)} to ${letter((i + 1) % n)}`)}
              <Select<Corner>
                label={`Corner ${letter((i + 1) % n)}`}
                value={draft.corners[(i + 1) % n] ?? 'SQUARE'}
                options={CORNERS}
                onChoose={(c) => onChange({ corners: draft.corners.with((i + 1) % n, c) })}
              />
            </div>
          ))}
          <div className="flex flex-wrap gap-2">
            <Button disabled={n >= MOST_SIDES} onClick={() => onChange(withSide(draft))}>
              Add a side
            </Button>
            <Button disabled={n <= 3} onClick={() => onChange(withoutSide(draft))}>
              Remove a side
            </Button>
          </div>
          <Diagonals {...props} />
        </>
      )}
    </div>
  );
}

function Diagonals({ draft, known, onChange }: Parameters<typeof OutlineFields>[0]) {
  const corners = draft.sides.map((_, i) => ({ value: String(i), label: letter(i) }));
  const set = (i: number, some: Partial<Draft['diagonals'][number]>) =>
    onChange((before) => ({
      diagonals: before.diagonals.map((d, at) => (at === i ? { ...d, ...some } : d)),
    }));
  return (
    <div className="grid gap-3">
      {draft.diagonals.map((d, i) => (
        <div key={i} className="grid grid-cols-[4rem_4rem_minmax(0,1fr)_auto] items-start gap-3">
          <Select
            label="From"
            value={String(d.from)}
            options={corners}
            onChoose={(v) => set(i, { from: Number(v) })}
          />
          <Select
            label="To"
            value={String(d.to)}
            options={corners}
            onChoose={(v) => set(i, { to: Number(v) })}
          />
          <LengthField
            label={`Diagonal ${letter(d.from)}${letter(d.to)}`}
            value={d.length}
            known={known}
            onRead={(length) => set(i, { length })}
            onRefused={() => set(i, { length: undefined })}
          />
          <Button
            kind="quiet"
            className="mt-6"
            aria-label={`Remove the diagonal ${letter(d.from)}${letter(d.to)}`}
            onClick={() => onChange({ diagonals: draft.diagonals.toSpliced(i, 1) })}
          >
            Remove
          </Button>
        </div>
      ))}
      <div>
        <Button
          onClick={() => onChange({ diagonals: [...draft.diagonals, { from: 0, to: 2, length: undefined }] })}
        >
          Add a diagonal
        </Button>
      </div>
    </div>
  );
}
