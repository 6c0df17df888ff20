import { Button, Select } from '../../shared/ui';
import type { Catalogue, Drill } from './api';
import { drillName } from './model';

/** The drills one rests on: taken out one by one, added from a list. */
export function RestsOnField(props: {
  drill: Drill;
  catalogue: Catalogue;
  /** Its own id, which it cannot rest on; none while it is new. */
  itself: string | undefined;
  onChange: (after: string[]) => void;
}) {
  const { after } = props.drill;
  const name = (id: string) => drillName(props.catalogue, id);
  return (
    <div>
      <p className="mb-1 text-sm text-soft">Rests on</p>
      <ul className="mb-2">
        {after.map((id) => (
          <li key={id} className="flex items-center justify-between gap-2 border-b border-rule py-1">
            {name(id)}
            <Button
              kind="quiet"
              aria-label={`Take out ${name(id)}`}
              onClick={() => props.onChange(after.filter((other) => other !== id))}
            >
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <Select
        label="Add one"
        value=""
        options={[
          { value: '', label: 'Choose a drill…' },
          ...props.catalogue.drills
            .filter((d) => d.drill.id !== props.itself && !after.includes(d.drill.id))
            .map((d) => ({ value: d.drill.id, label: d.drill.name })),
        ]}
        onChoose={(id) => id !== '' && props.onChange([...after, id])}
      />
    </div>
  );
}
