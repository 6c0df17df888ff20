import { Button, Select, TextField } from '../../../shared/ui';
import { MetresField } from '../../length';
import { Opened } from './Opened';
import { obstacleDrawn } from '../drawing/drawn';
import { useKinds } from '../drawing/kinds';
import { fieldsOf } from '../drawing/ThingGrips';
import { eighth, toEighth, WAYS, type Obstacle } from '../model';

/** Where one is put down from the form, in metres; it is moved from there. */
const SOMEWHERE = { x: 5, y: 5 };

/** What stands or lies on the yard, measured from corner A along AB and square to it. */
export function ObstacleFields(props: {
  obstacles: Obstacle[];
  /** Number of the one that is worked on. */
  chosen: number | undefined;
  onChoose: (index: number | undefined) => void;
  onChange: (how: (all: Obstacle[]) => Obstacle[]) => void;
}) {
  const { obstacles, onChange } = props;
  const [usual] = useKinds().all;
  return (
    <div className="grid gap-3">
      {obstacles.map((o, i) => (
        <One
          key={i}
          index={i}
          obstacle={o}
          chosen={props.chosen}
          onChoose={props.onChoose}
          onChange={(some) => onChange((all) => all.map((b, at) => (at === i ? { ...b, ...some } : b)))}
          onRemove={() => {
            props.onChoose(undefined);
            onChange((all) => all.toSpliced(i, 1));
          }}
        />
      ))}
      <div>
        <Button
          disabled={usual === undefined}
          onClick={() => {
            if (usual === undefined) return;
            onChange((all) => [...all, obstacleDrawn(usual, SOMEWHERE, SOMEWHERE)]);
            props.onChoose(obstacles.length);
          }}
        >
          Add an obstacle
        </Button>
      </div>
    </div>
  );
}

function One(props: {
  index: number;
  obstacle: Obstacle;
  chosen: number | undefined;
  onChoose: (index: number | undefined) => void;
  onChange: (some: Partial<Obstacle>) => void;
  onRemove: () => void;
}) {
  const { obstacle: o, onChange } = props;
  const { all, of } = useKinds();
  const kind = of(o.kind)?.label ?? '';
  return (
    <Opened
      id={fieldsOf({ obstacle: props.index })}
      index={props.index}
      chosen={props.chosen}
      onChoose={props.onChoose}
    >
      <summary className="cursor-pointer">
        {o.name || kind}
        {o.name && <span className="text-soft">, {kind}</span>}
      </summary>
      <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2">
        <Select
          label="What"
          value={o.kind}
          options={all.map((k) => ({ value: k.kind, label: k.label }))}
          onChoose={(v) => onChange({ kind: v })}
        />
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
          label={of(o.kind)?.blocks ? 'Keep clear' : 'Stay away by'}
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
        Remove {o.name || kind}
      </Button>
    </Opened>
  );
}
