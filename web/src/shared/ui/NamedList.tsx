import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { TextField } from './basics';
import { found, type Order } from './found';
import { Toggle } from './Toggle';

/** Lists longer than this can be searched and put in order. */
const FEW = 7;

/** Named things, each with what matters of it, and the way to a new one. */
export function NamedList<T extends { id: number; name: string }>(props: {
  /** What each of them is, such as "rider". */
  what: string;
  all: T[];
  shown: number | undefined;
  to: (id: number | 'new') => string;
  detail: (one: T) => ReactNode;
  /** What is read after all others. */
  last?: (one: T) => boolean;
  /** Said where there is none yet. */
  children: ReactNode;
}) {
  const { what, all } = props;
  const [typed, setTyped] = useState('');
  const [order, setOrder] = useState<Order>('name');
  const many = all.length > FEW;
  // Where the list is a window, it opens at what is shown beside it.
  const list = useRef<HTMLUListElement>(null);
  useEffect(() => {
    const shown = list.current?.querySelector<HTMLElement>('[aria-current]');
    if (list.current && shown) {
      list.current.scrollTop = shown.offsetTop - list.current.offsetTop - list.current.clientHeight / 2;
    }
  }, [props.shown]);
  const listed = many ? found(all, typed, order, props.last) : found(all, '', 'name', props.last);
  return (
    <div>
      {all.length === 0 && <p className="mb-3">{props.children}</p>}
      {many && (
        <div className="mb-2 flex items-end gap-3">
          <div className="min-w-0 flex-1">
            <TextField label={`Find a ${what}`} value={typed} onChange={(e) => setTyped(e.target.value)} />
          </div>
          <Toggle
            label="Order"
            value={order}
            options={[
              { value: 'name', label: 'name' },
              { value: 'newest', label: 'newest' },
            ]}
            onChoose={setOrder}
          />
        </div>
      )}
      <ul className="max-lg:max-h-[16.4rem] max-lg:overflow-y-auto" ref={list}>
        {listed.map((one) => (
          <li key={one.id}>
            <Link
              to={props.to(one.id)}
              aria-current={one.id === props.shown ? 'true' : undefined}
              className={`block border-b border-rule px-2 py-2 wrap-anywhere text-ink no-underline ${one.id === props.shown ? 'border-l-4 border-l-cone bg-panel' : 'hover:bg-panel'}`}
            >
              <span className="font-semibold">{one.name}</span>
              <span className="block text-sm text-soft">{props.detail(one)}</span>
            </Link>
          </li>
        ))}
      </ul>
      {all.length > 0 && listed.length === 0 && (
        <p className="py-2 text-soft">
          No {what} of that name among {all.length}.
        </p>
      )}
      <Link to={props.to('new')} className="mt-3 inline-block">
        New {what}
      </Link>
    </div>
  );
}
