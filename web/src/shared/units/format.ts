/** How this person reads lengths and speeds. */
export type LengthSystem = 'METRIC' | 'IMPERIAL';
export type SpeedUnit = 'km/h' | 'mph';

const THIN = '\u2009';
export const METRES_PER_INCH = 0.0254;
export const METRES_PER_FOOT = 12 * METRES_PER_INCH;
const MPH = 0.44704;
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/**
 * Languages asked about before, and those most browsers here have: whoever asks first waits until the browser has read
 * all languages it knows, which takes a phone a tenth of a second before it can write the first figure.
 */
const signs = new Map<string, '.' | ','>([
  ['en', '.'],
  ['en-GB', '.'],
  ['en-US', '.'],
]);

/** What stands between whole numbers and their parts in this browser's language; a point where it has neither. */
function decimalSign(): '.' | ',' {
  const language = typeof navigator === 'undefined' ? 'en' : navigator.language;
  const known = signs.get(language);
  if (known !== undefined) return known;
  const parts = new Intl.NumberFormat(language).formatToParts(0.5);
  const sign = parts.some((p) => p.type === 'decimal' && p.value === ',') ? ',' : '.';
  signs.set(language, sign);
  return sign;
}

/** Words that name figures, each with the decimal sign of this browser's language. */
export function inFigures(words: string): string {
  return words.replace(/(?<=\d)[.,](?=\d)/g, decimalSign());
}

/** A number as somebody would type it, with no more decimals than it needs. */
export function typedNumber(value: number, places: number): string {
  return inFigures(String(Number(value.toFixed(places))));
}

/** A number typed with a point or a comma; undefined where it is none. */
export function readNumber(typed: string): number | undefined {
  const value = Number(typed.trim().replace(',', '.'));
  return typed.trim() === '' || !Number.isFinite(value) ? undefined : value;
}

/** A figure and its unit, to be set apart on screen. */
export interface Said {
  figure: string;
  unit: string;
}

/** Less than this is written with an exponent, which cannot be shifted by another. */
const SHIFTED_FROM = 1e-6;

/** A number above zero with so many decimals, halves up, as they are seen: 5.265 is a hair less to the machine. */
function rounded(value: number, digits: number): string {
  if (value < SHIFTED_FROM) return (0).toFixed(digits);
  const shifted = Math.round(Number(`${value}e${digits}`));
  return Number(`${shifted}e-${digits}`).toFixed(digits);
}

/** A number with so many decimals, its minus as wide as its digits; what rounds to nothing has none. */
export function decimals(value: number, digits: number): string {
  const size = rounded(Math.abs(value), digits);
  return inFigures(value < 0 && Number(size) > 0 ? `−${size}` : size);
}

/** A difficulty in percent; a dash where a kind has none. */
export function difficultyText(difficulty: number | undefined): string {
  return difficulty === undefined ? '–' : `${decimals(100 * difficulty, 0)}${THIN}%`;
}

/** A time by the watch. */
export function secondsText(seconds: number): string {
  return `${decimals(seconds, 1)}${THIN}s`;
}

function metric(metres: number): Said {
  return { figure: decimals(metres, 2), unit: 'm' };
}

/** Feet and inches, to so many half inches. */
function imperial(metres: number, step: 1 | 2 = 1): Said {
  const halves = step * Math.round(Math.abs(metres) / METRES_PER_INCH / 0.5 / step);
  const feet = Math.floor(halves / 24);
  const inches = typedNumber((halves % 24) / 2, 1);
  const sign = metres < 0 && halves > 0 ? '−' : '';
  return { figure: `${sign}${feet}′${THIN}${inches}″`, unit: '' };
}

/** A length, to the centimetre or the half inch; to the inch where it may be out by as much. */
export function sayLength(metres: number, system: LengthSystem, uncertainty = 0): Said {
  return system === 'METRIC' ? metric(metres) : imperial(metres, uncertainty >= METRES_PER_INCH ? 2 : 1);
}

/** Less is no figure in the units that are read, in metres. */
const LEAST_SAID = 0.005;

/** How far out a length may be, as “± 0.15 m”; nothing where that is no figure in the units that are read. */
export function uncertaintyText(uncertainty: number, system: LengthSystem): string | undefined {
  if (uncertainty < (system === 'METRIC' ? LEAST_SAID : METRES_PER_INCH / 4)) return undefined;
  const { figure, unit } = sayLength(uncertainty, system, uncertainty);
  return unit === '' ? `± ${figure}` : `± ${figure}${THIN}${unit}`;
}

/** A length in one string, unit after a thin space. */
export function lengthText(metres: number, system: LengthSystem): string {
  const { figure, unit } = sayLength(metres, system);
  return unit === '' ? figure : `${figure}${THIN}${unit}`;
}

/** A length of a few millimetres, such as what rounding leaves. */
export function smallText(metres: number, system: LengthSystem): string {
  return system === 'METRIC'
    ? `${decimals(metres * 1000, 0)}${THIN}mm`
    : `${decimals(metres / METRES_PER_INCH, 2)}″`;
}

/** A length with how far out it may be. */
export function clearanceText(metres: number, uncertainty: number, system: LengthSystem): string {
  const out = uncertaintyText(uncertainty, system);
  return out === undefined
    ? lengthText(metres, system)
    : `${sayLength(metres, system, uncertainty).figure} ${out}`;
}

/** A length as it is typed again. */
export function typedLength(metres: number, system: LengthSystem): string {
  return system === 'METRIC'
    ? `${inFigures(metres.toFixed(2))} m`
    : imperial(metres)
        .figure.replace('′' + THIN, "' ")
        .replace('″', '"');
}

/** An area, to the square metre or foot. */
export function areaText(squareMetres: number, system: LengthSystem): string {
  return system === 'METRIC'
    ? `${decimals(squareMetres, 0)}${THIN}m²`
    : `${decimals(squareMetres / METRES_PER_FOOT ** 2, 0)}${THIN}sq ft`;
}

/** From one speed to another, to the whole unit; one figure where both are the same. */
export function speedBand(low: number, high: number, unit: SpeedUnit): string {
  const whole = (metresPerSecond: number) => decimals(metresPerSecond * (unit === 'mph' ? 1 / MPH : 3.6), 0);
  const [from, to] = [whole(low), whole(high)];
  return `${from === to ? `about ${from}` : `${from} to ${to}`}${THIN}${unit}`;
}

/** A speed, to the tenth. */
export function speedText(metresPerSecond: number, unit: SpeedUnit): string {
  const value = unit === 'km/h' ? metresPerSecond * 3.6 : metresPerSecond / MPH;
  return `${decimals(value, 1)}${THIN}${unit}`;
}

/** An angle in degrees. */
export function degreesText(radians: number, digits = 1): string {
  return `${decimals((radians * 180) / Math.PI, digits)}°`;
}

/** A date as 14 May 2026. */
export function dateText(iso: string): string {
  return `${shortDate(iso)} ${Number(iso.slice(0, 4))}`;
}

/** The same without its year, where space is short and the year is clear. */
export function shortDate(iso: string): string {
  const date = new Date(`${iso}T00:00Z`);
  return `${date.getUTCDate()} ${MONTHS[date.getUTCMonth()]}`;
}

/** A time of day as this device's clock reads it: 14:05. */
export function clockTime(at: number | string): string {
  return new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
}
