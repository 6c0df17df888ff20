import { Select } from '../../shared/ui';
import { lengthText, usePreferences } from '../../shared/units';
import type { Marker } from '../../shared/plan';
import { useKit } from './api';
import { USUAL } from './model';

const LABELS: Record<Marker['sort'], string> = { TALL: 'Tall cones', FLAT: 'Flat markers' };

/** What a course is set out in, where the school owns more than the usual: a choice for each sort there is of it. */
export function MarkerChoice(props: {
  /** Sorts the course has cones of. */
  sorts: Marker['sort'][];
  markers: Marker[];
  onChoose: (markers: Marker[]) => void;
}) {
  const { system } = usePreferences();
  const own = useKit().data?.markers.map((m) => m.marker) ?? [];
  return USUAL.filter(({ sort }) => props.sorts.includes(sort)).map(({ sort, name }) => {
    const chosen = props.markers.find((m) => m.sort === sort);
    const others = props.markers.filter((m) => m.sort !== sort);
    const known = own.filter((m) => m.sort === sort);
    const all = chosen && known.every((m) => m.name !== chosen.name) ? [...known, chosen] : known;
    if (all.length === 0) return null;
    return (
      <Select
        key={sort}
        label={LABELS[sort]}
        value={chosen?.name ?? ''}
        options={[
          { value: '', label: `${name}, the usual` },
          ...all.map((m) => ({
            value: m.name,
            label: `${m.name}, ${lengthText(m.baseMetres, system)} wide`,
          })),
        ]}
        onChoose={(to) => props.onChoose([...others, ...all.filter((m) => m.name === to)])}
      />
    );
  });
}
