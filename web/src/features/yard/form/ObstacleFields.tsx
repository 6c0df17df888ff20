import { Button, Select, TextField } from '../../../shared/ui';
import { MetresField } from '../../length';
import { BLOCKING, eighth, OBSTACLES, toEighth, WAYS, type Obstacle } from '../model';

const FRESH: Obstacle = {
  kind: 'POST',
  name: '',
  xMetres: 5,
  yMetres: 5,
  lengthMetres: 0.3,
  widthMetres: 0.3,
  turnRadians: 0,
  keepClearMetres: 1,
};

/** What stands or lies on the yard, measured from corner A along AB and square to it. */
export function ObstacleFields(props: {
  obstacles: Obstacle[];
  onChange: (how: (all: Obstacle[]) => Obstacle[]) => void;
}) {
  const { obstacles, onChange } = props;
  return (
    <div className="grid gap-3">
      {obstacles.map((o, i) => (
        <One
          key={i}
          obstacle={o}
          onChange={(some) => onChange((all) => all.map((b, at) => (at === i ? { ...b, ...some } : b)))}
          onRemove={() => onChange((all) => all.toSpliced(i, 1))}
        />
      ))}
      <div>
        <Button onClick={() => onChange((all) => [...all, FRESH])}>Add an obstacle</Button>
      </div>
    </div>
  );
}

function One(props: {
  obstacle: Obstacle;
  onChange: (some: Partial<Obstacle>) => void;
  onRemove: () => void;
}) {
  const { obstacle: o, onChange } = props;
  const kind = OBSTACLES.find((k) => k.value === o.kind)?.label ?? '';
  return (
    <details className="border-l-2 border-rule pl-3">
      <summary className="cursor-pointer">
        {o.name || kind}
        {o.name && <span className="text-soft">, {kind.toLowerCase()}</span>}
      </summary>
      <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2">
        <Select label="What" value={o.kind} options={OBSTACLES} onChoose={(v) => onChange({ kind: v })} />
        <TextField
          label="Called"
          maxLength={60}
          value={o.name}
          onChange={(e) => onChange({ name: e.target.value })}
        />
        <MetresField
          label="Middle along AB, from A"
          orZero
          metres={o.xMetres}
          onRead={(m) => onChange({ xMetres: m })}
        />
        <MetresField
          label="Middle square to AB"
          orZero
          metres={o.yMetres}
          onRead={(m) => onChange({ yMetres: m })}
        />
        <MetresField label="Length" metres={o.lengthMetres} onRead={(m) => onChange({ lengthMetres: m })} />
        <MetresField label="Width" metres={o.widthMetres} onRead={(m) => onChange({ widthMetres: m })} />
        <MetresField
          label={BLOCKING.includes(o.kind) ? 'Keep clear' : 'Stay away by'}
          orZero
          metres={o.keepClearMetres}
          onRead={(m) => onChange({ keepClearMetres: m })}
        />
        <Select
          label="Its length points"
          value={String(toEighth(o.turnRadians))}
          options={WAYS}
          onChoose={(v) => onChange({ turnRadians: eighth(Number(v)) })}
        />
      </div>
      <Button kind="quiet" onClick={props.onRemove}>
        remove {o.name || kind.toLowerCase()}
      </Button>
    </details>
  );
}
