import { useState } from 'react';
import { Button, TextField, Toggle } from '../../../shared/ui';
import { lengthText, usePreferences } from '../../../shared/units';
import { useEdgeMarkings, type CourseRequest } from '../api';

const WORDS = { FULL: 'full', FEW: 'few', CORNERS: 'corners alone' } as const;

/** How densely the edges are marked: in a word, or with as many markers as there are. */
export function EdgeMarking(props: {
  course: CourseRequest;
  /** The same as it was last drawn: what is being typed may not go together. */
  drawn: CourseRequest;
  /** Sets a dimension to so many metres. */
  onSet: (dimension: string, metres: number) => void;
}) {
  const { course, onSet } = props;
  const { system } = usePreferences();
  const [typed, setTyped] = useState('');
  const markers = typed.trim() !== '' && Number.isInteger(Number(typed)) ? Number(typed) : undefined;
  const marks = useEdgeMarkings(props.drawn, markers).data;
  const dimension = marks?.dimension;
  if (marks === undefined || dimension === undefined || marks.densities.length < 2) return null;
  const now = course.lengths[dimension]?.metres ?? 0;
  const same = (metres: number) => Math.abs(metres - now) < 0.005;
  const withThem = markers === undefined ? undefined : marks.withThem;
  const laid = withThem?.marks;
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
      <Toggle
        label="Marks along the edges, and markers in all"
        value={marks.densities.find((d) => same(d.spacingMetres))?.density ?? ''}
        options={marks.densities.map((d) => ({
          value: d.density ?? '',
          label: `${d.density === undefined ? '' : WORDS[d.density]}, ${d.markers}`,
        }))}
        onChoose={(chosen) => {
          const density = marks.densities.find((d) => d.density === chosen);
          if (density) onSet(dimension, density.spacingMetres);
        }}
      />
      <div className="w-40">
        <TextField
          label="Or markers there are"
          inputMode="numeric"
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
        />
      </div>
      {withThem && (
        <div aria-live="polite" className="min-w-60 flex-1 basis-60">
          <p className={laid ? '' : 'text-brick'}>{withThem.said}</p>
          {laid && !same(laid.spacingMetres) && (
            <Button onClick={() => onSet(dimension, laid.spacingMetres)}>
              Lay them every {lengthText(laid.spacingMetres, system)}
            </Button>
          )}
        </div>
      )}
    </div>
  );
}
