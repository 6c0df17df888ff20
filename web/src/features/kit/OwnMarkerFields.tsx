import { useState } from 'react';
import { MetresField } from '../length';
import { Button, Select, TextField } from '../../shared/ui';
import { colourOf, type Marker } from '../../shared/plan';
import { COLOURS, SORTS, type DraftMarker } from './model';

/** A marker of the school's own: what it is called, how large it is, and how many there are. */
export function OwnMarkerFields(props: {
  own: DraftMarker;
  onChange: (some: Partial<DraftMarker>) => void;
  onRemove: () => void;
}) {
  const { own } = props;
  const { marker } = own;
  // What is new is there to be described; what is known is opened to be changed.
  const [open] = useState(own.id === undefined);
  const set = (some: Partial<Marker>) => props.onChange({ marker: { ...marker, ...some } });
  return (
    <details className="border-l-2 border-rule pl-3" open={open}>
      <summary className="cursor-pointer">
        <span
          aria-hidden="true"
          className="mr-1.5 inline-block size-3 rounded-full border border-ink align-[-1px]"
          style={{ background: colourOf(marker) }}
        />
        {marker.name || 'New marker'}
        {own.owned.trim() !== '' && <span className="text-soft">, {own.owned}</span>}
      </summary>
      <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2">
        <TextField
          label="One is called"
          maxLength={40}
          placeholder="half ball"
          value={marker.name}
          onChange={(e) => set({ name: e.target.value })}
        />
        <TextField
          label="Owned"
          inputMode="numeric"
          value={own.owned}
          onChange={(e) => props.onChange({ owned: e.target.value })}
        />
        <MetresField
          label="Width of its base"
          metres={marker.baseMetres}
          onRead={(m) => set({ baseMetres: m })}
        />
        <MetresField
          label="Height"
          orZero
          metres={marker.heightMetres}
          onRead={(m) => set({ heightMetres: m })}
        />
        <Select label="It is to be" value={marker.sort} options={SORTS} onChoose={(sort) => set({ sort })} />
        <Select
          label="Colour"
          value={marker.colour}
          options={COLOURS}
          onChoose={(colour) => set({ colour })}
        />
      </div>
      <Button kind="quiet" onClick={props.onRemove}>
        remove {marker.name || 'this marker'}
      </Button>
    </details>
  );
}
