import { ToggleGroup } from 'radix-ui';
import type { ReactNode } from 'react';

/** One of a few, all of them in view. */
export function Toggle<T extends string>(props: {
  label: string;
  value: T;
  options: { value: T; label: ReactNode; name?: string }[];
  onChoose: (value: T) => void;
  showLabel?: boolean;
}) {
  return (
    <div>
      {props.showLabel !== false && <div className="mb-1 text-sm text-soft">{props.label}</div>}
      <ToggleGroup.Root
        type="single"
        aria-label={props.label}
        className="inline-flex flex-wrap"
        value={props.value}
        onValueChange={(v) => v !== '' && props.onChoose(v as T)}
      >
        {props.options.map((o) => (
          <ToggleGroup.Item
            key={o.value}
            value={o.value}
            aria-label={o.name}
            className="thumb -ml-px border border-rule bg-panel px-3 py-1.5 first:ml-0 first:rounded-l-sm last:rounded-r-sm hover:border-ink data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-page"
          >
            {o.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}
