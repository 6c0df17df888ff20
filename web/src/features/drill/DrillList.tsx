import { Button, Select } from '../../shared/ui';
import type { Catalogue } from './api';
import { drillName } from './model';

/** Some drills: taken out one by one, added from a list. */
export function DrillList(props: {
  label: string;
  chosen: string[];
  catalogue: Catalogue;
  /** One that cannot be chosen. */
  but?: string | undefined;
  onChange: (ids: string[]) => void;
}) {
  const { chosen } = props;
  const name = (id: string) => drillName(props.catalogue, id);
  return (
    <div>
      <p className="mb-1 text-sm text-soft">{props.label}</p>
      <ul className="mb-2">
        {chosen.map((id) => (
          <li key={id} className="flex items-center justify-between gap-2 border-b border-rule py-1">
            {name(id)}
            <Button
              kind="quiet"
              aria-label={`Remove ${name(id)}`}
              onClick={() => props.onChange(chosen.filter((other) => other !== id))}
            >
              Remove
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
            .filter((d) => d.drill.id !== props.but && !chosen.includes(d.drill.id))
            .map((d) => ({ value: d.drill.id, label: d.drill.name })),
        ]}
        onChoose={(id) => id !== '' && props.onChange([...chosen, id])}
      />
    </div>
  );
}
