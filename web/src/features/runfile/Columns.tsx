import { Select } from '../../shared/ui';
import type { Preview } from './api';
import { COLUMNS, mapped } from './model';

/** Which column of the table says what. */
export function Columns(props: { preview: Preview; onChange: (columns: Preview['columns']) => void }) {
  const { preview } = props;
  return (
    <fieldset>
      <legend className="font-semibold">Columns</legend>
      <div className="mt-1 grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-4">
        {COLUMNS.map(({ column, label, needed }) => (
          <Select
            key={column}
            label={label}
            value={preview.columns[column] ?? ''}
            options={[
              { value: '', label: needed ? 'Choose…' : 'not in it' },
              ...preview.headings
                .filter((h, i, all) => h !== '' && all.indexOf(h) === i)
                .map((h) => ({ value: h, label: h })),
            ]}
            onChoose={(heading) => props.onChange(mapped(preview.columns, column, heading))}
          />
        ))}
      </div>
    </fieldset>
  );
}
