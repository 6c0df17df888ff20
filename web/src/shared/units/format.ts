/** How this person reads lengths and speeds. */
export type LengthSystem = 'METRIC' | 'IMPERIAL';
export type SpeedUnit = 'km/h' | 'mph';

const THIN = '\u2009';
const INCH = 0.0254;
const MPH = 0.44704;

/** A figure and its unit, to be set apart on screen. */
export interface Said {
  figure: string;
  unit: string;
}

function metric(metres: number): Said {
  return { figure: metres.toFixed(2).replace('-', '−'), unit: 'm' };
}

function imperial(metres: number): Said {
  const halves = Math.round(Math.abs(metres) / INCH / 0.5);
  const feet = Math.floor(halves / 24);
  const inches = (halves % 24) / 2;
  const sign = metres < 0 && halves > 0 ? '−' : '';
  return { figure: `${sign}${feet}′${THIN}${inches}″`, unit: '' };
}

/** A length, to the centimetre or the half inch. */
export function sayLength(metres: number, system: LengthSystem): Said {
  return system === 'METRIC' ? metric(metres) : imperial(metres);
}

/** A length in one string, unit after a thin space. */
export function lengthText(metres: number, system: LengthSystem): string {
  const { figure, unit } = sayLength(metres, system);
  return unit === '' ? figure : `${figure}${THIN}${unit}`;
}

/** A length of a few millimetres, such as what rounding leaves. */
export function smallText(metres: number, system: LengthSystem): string {
  return system === 'METRIC' ? `${(metres * 1000).toFixed(0)}${THIN}mm` : `${(metres / INCH).toFixed(2)}″`;
}

/** A length with how far out it may be. */
export function roomText(metres: number, uncertainty: number, system: LengthSystem): string {
  return system === 'METRIC'
    ? `${metric(metres).figure} ± ${uncertainty.toFixed(2)}${THIN}m`
    : `${imperial(metres).figure} ± ${imperial(uncertainty).figure}`;
}

/** A length as it is typed again. */
export function typedLength(metres: number, system: LengthSystem): string {
  return system === 'METRIC'
    ? `${metres.toFixed(2)} m`
    : imperial(metres)
        .figure.replace('′' + THIN, "' ")
        .replace('″', '"');
}

/** From one speed to another, to the whole unit. */
export function speedBand(low: number, high: number, unit: SpeedUnit): string {
  const whole = (metresPerSecond: number) => (metresPerSecond * (unit === 'mph' ? 1 / MPH : 3.6)).toFixed(0);
  return `${whole(low)} to ${whole(high)}${THIN}${unit}`;
}

/** A speed, to the tenth. */
export function speedText(metresPerSecond: number, unit: SpeedUnit): string {
  const value = unit === 'km/h' ? metresPerSecond * 3.6 : metresPerSecond / MPH;
  return `${value.toFixed(1)}${THIN}${unit}`;
}

/** An angle in degrees. */
export function degreesText(radians: number): string {
  return `${((radians * 180) / Math.PI).toFixed(1)}°`;
}

/** A date as 14 May 2026. */
export function dateText(iso: string): string {
  return `${shortDate(iso)} ${Number(iso.slice(0, 4))}`;
}

/** The same without its year, where space is short and the year is clear. */
export function shortDate(iso: string): string {
  const [, month, day] = iso.split('-').map(Number);
  const names = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
  return `${day} ${names[(month ?? 1) - 1]}`;
}
