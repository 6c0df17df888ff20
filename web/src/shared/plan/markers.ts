import type { Api } from '../http';

/** What stands on the ground: a cone, a disc, half a ball. */
export type Marker = Api<'Cone'>['marker'];

type Colour = Marker['colour'];

const COLOURS: Record<Colour, string> = {
  ORANGE: 'var(--plan-cone)',
  YELLOW: 'var(--marker-yellow)',
  WHITE: 'var(--marker-white)',
  RED: 'var(--marker-red)',
  BLUE: 'var(--marker-blue)',
  GREEN: 'var(--marker-green)',
};

/** The colour it is drawn in; never all there is to tell it by. */
export const colourOf = (marker: Pick<Marker, 'colour'>): string => COLOURS[marker.colour];
