export { Tarmac } from './Tarmac';
export { DimensionFigure, DimensionLine, DragHandle } from './Dimension';
export { fitView, pathOf, ticks, type Bounds, type Ground, type View } from './view';
