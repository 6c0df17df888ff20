import type { ReactNode } from 'react';
import { fitView, type Bounds, type View } from './view';

/** A small drawing of fixed size, true to scale, without grid or words. */
export function Thumbnail(props: {
  bounds: Bounds;
  width: number;
  height: number;
  children: (view: View) => ReactNode;
}) {
  const view = fitView(props.bounds, props.width, props.height);
  return (
    <svg
      aria-hidden="true"
      width={props.width}
      height={props.height}
      viewBox={`0 0 ${props.width} ${props.height}`}
      className="drawing block h-auto max-w-full rounded-sm bg-tarmac"
    >
      {props.children(view)}
    </svg>
  );
}
