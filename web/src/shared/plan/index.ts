export { Tarmac } from './Tarmac';
export { DimensionFigure, DimensionLine } from './Dimension';
export { DragHandle } from './DragHandle';
export { Thumbnail } from './Thumbnail';
export { fitView, pathOf, ticks, type Bounds, type Ground, type View } from './view';
