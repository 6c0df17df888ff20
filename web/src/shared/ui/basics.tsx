import { useId, type ButtonHTMLAttributes, type InputHTMLAttributes, type ReactNode } from 'react';

type Kind = 'primary' | 'plain' | 'quiet';

const KINDS: Record<Kind, string> = {
  primary: 'bg-cone text-on-cone border-cone font-semibold hover:brightness-95',
  plain: 'bg-panel text-ink border-rule hover:border-ink',
  quiet: 'bg-transparent text-steel border-transparent underline underline-offset-2',
};

/** A button; one primary action a page. */
export function Button({
  kind = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { kind?: Kind }) {
  return (
    <button
      type="button"
      className={`thumb rounded-sm border px-3 py-1.5 disabled:opacity-50 aria-disabled:opacity-50 ${KINDS[kind]} ${className}`}
      {...rest}
    />
  );
}

const BOX =
  'thumb min-h-9 w-full rounded-sm border border-edge bg-panel px-2 py-1.5 text-ink hover:border-ink';

/** A label over the control it names; the control takes the id. */
function Labelled({ label, children }: { label: string; children: (id: string) => ReactNode }) {
  const id = useId();
  return (
    <div className="min-w-0 max-w-full">
      <label htmlFor={id} className="mb-1 block text-sm text-soft">
        {label}
      </label>
      {children(id)}
    </div>
  );
}

/** A line of text. */
export function TextField({ label, ...rest }: InputHTMLAttributes<HTMLInputElement> & { label: string }) {
  return <Labelled label={label}>{(id) => <input id={id} className={BOX} {...rest} />}</Labelled>;
}

/** A few lines of text. */
export function NotesField(props: {
  label: string;
  value: string;
  /** How many lines are seen at once. */
  rows?: number;
  onChange: (text: string) => void;
}) {
  return (
    <Labelled label={props.label}>
      {(id) => (
        <textarea
          id={id}
          className={`${BOX} min-h-20`}
          rows={props.rows ?? 2}
          maxLength={2000}
          value={props.value}
          onChange={(e) => props.onChange(e.target.value)}
        />
      )}
    </Labelled>
  );
}

/** A choice from a list. */
export function Select<T extends string>(props: {
  label: string;
  options: { value: T; label: string }[];
  value: T;
  disabled?: boolean;
  onChoose: (value: T) => void;
}) {
  return (
    <Labelled label={props.label}>
      {(id) => (
        <select
          id={id}
          className={BOX}
          disabled={props.disabled}
          value={props.value}
          onChange={(e) => props.onChoose(e.target.value as T)}
        >
          {props.options.map((o) => (
            <option key={o.value} value={o.value}>
              {o.label}
            </option>
          ))}
        </select>
      )}
    </Labelled>
  );
}

/** A figure that matters, with its name above and its unit after. */
export function Figure({
  name,
  figure,
  unit,
  after,
}: {
  name: ReactNode;
  figure: string;
  unit?: string;
  after?: string;
}) {
  return (
    <div>
      <div className="text-sm text-soft">{name}</div>
      <div className="figures text-2xl leading-tight">
        {figure}
        {unit && <span className="ml-0.5 text-base text-soft">{unit}</span>}
        {after && <span className="ml-2 text-base text-soft whitespace-nowrap">{after}</span>}
      </div>
    </div>
  );
}

/** Something to mind, where a person could be hurt. */
export function CautionNote({ children }: { children: ReactNode }) {
  return <p className="border-l-4 border-ochre bg-panel py-1.5 pl-3 pr-2">{children}</p>;
}
