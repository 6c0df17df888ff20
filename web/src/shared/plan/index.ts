export { Tarmac } from './Tarmac';
export { DimensionFigure, DimensionLine } from './Dimension';
export { DragHandle } from './DragHandle';
export { DrawOn } from './DrawOn';
export { Grip } from './Grip';
export { colourOf, type Marker } from './markers';
export { Thumbnail } from './Thumbnail';
export {
  around,
  evenly,
  fitView,
  isLong,
  NARROW,
  pathOf,
  quarterTurned,
  sameView,
  ticks,
  type Bounds,
  type Ground,
  type Margin,
  type View,
} from './view';
