import { afterEach, describe, expect, it, vi } from 'vitest';
import {
  dateText,
  decimals,
  degreesText,
  inFigures,
  lengthText,
  smallText,
  readNumber,
  clearanceText,
  shortDate,
  speedBand,
  speedText,
  typedLength,
  typedNumber,
} from './format';

describe('lengths', () => {
  it('are said in metres to the centimetre', () => {
    expect(lengthText(7.204, 'METRIC')).toBe('7.20\u2009m');
    expect(lengthText(-0.1, 'METRIC')).toBe('−0.10\u2009m');
  });

  it('are said in feet and inches to the half inch', () => {
    expect(lengthText(7.1628, 'IMPERIAL')).toBe('23′\u20096″');
    expect(lengthText(7.1755, 'IMPERIAL')).toBe('23′\u20096.5″');
    expect(lengthText(-0.3048, 'IMPERIAL')).toBe('−1′\u20090″');
    expect(lengthText(-0.001, 'IMPERIAL')).toBe('0′\u20090″');
  });

  it('never say twelve inches', () => {
    expect(lengthText(0.3047, 'IMPERIAL')).toBe('1′\u20090″');
  });

  it('carry how far out they may be', () => {
    expect(clearanceText(0.42, 0.15, 'METRIC')).toBe('0.42 ± 0.15\u2009m');
    expect(clearanceText(0.42, 0.01, 'IMPERIAL')).toBe('1′\u20094.5″ ± 0′\u20090.5″');
  });

  it('say no figure that rounds to nothing, and no half inches beside an inch or more', () => {
    expect(clearanceText(0.42, 0.004, 'METRIC')).toBe('0.42\u2009m');
    expect(clearanceText(0.42, 0.005, 'IMPERIAL')).toBe('1′\u20094.5″');
    expect(clearanceText(0.42, 0.05, 'IMPERIAL')).toBe('1′\u20095″ ± 0′\u20092″');
  });

  it('are typed again as the parser reads them', () => {
    expect(typedLength(7.2, 'METRIC')).toBe('7.20 m');
    expect(typedLength(7.1628, 'IMPERIAL')).toBe('23\' 6"');
  });
});

describe('a number with so many decimals', () => {
  it.each([
    [5.265, 2, '5.27'],
    [1.005, 2, '1.01'],
    [0.05, 1, '0.1'],
    [-0.004, 2, '0.00'],
    [-0.005, 2, '−0.01'],
    [2e-7, 2, '0.00'],
    [1234.5, 0, '1235'],
  ])('%d to %d is %s', (value, digits, text) => {
    expect(decimals(value, digits)).toBe(text);
  });

  it('is what the browser writes', () => {
    for (let i = 1; i < 4000; i++) {
      const digits = i % 4;
      // Every size from a tenth of a millimetre to a kilometre, every other one a half to be rounded.
      const value =
        i % 2 === 0 ? ((i * 7919) % 100_000) / 2 / 10 ** digits : ((i * i) % 1009) * 10 ** ((i % 8) - 4);
      const browser = new Intl.NumberFormat('en', {
        minimumFractionDigits: digits,
        maximumFractionDigits: digits,
        useGrouping: false,
      });
      expect(decimals(value, digits), `${value} to ${digits}`).toBe(browser.format(value));
    }
  });
});

describe('speeds, angles and dates', () => {
  it('are said in the unit chosen', () => {
    expect(speedText(2.5, 'km/h')).toBe('9.0\u2009km/h');
    expect(speedText(0.44704 * 5, 'mph')).toBe('5.0\u2009mph');
    expect(speedBand(8 / 3.6, 13 / 3.6, 'km/h')).toBe('8 to 13\u2009km/h');
    expect(speedBand(8 / 3.6, 13 / 3.6, 'mph')).toBe('5 to 8\u2009mph');
    expect(degreesText(Math.PI / 6)).toBe('30.0°');
    expect(dateText('2026-05-14')).toBe('14 May 2026');
    expect(shortDate('2026-05-04')).toBe('4 May');
    expect(shortDate('2026-12-31')).toBe('31 Dec');
  });
});

it('says what rounding leaves in millimetres or parts of an inch', () => {
  expect(smallText(0.0049, 'METRIC')).toBe('5\u2009mm');
  expect(smallText(0.0049, 'IMPERIAL')).toBe('0.19″');
});

describe('the decimal sign', () => {
  const reading = (language: string) => vi.stubGlobal('navigator', { language });
  afterEach(() => {
    vi.unstubAllGlobals();
  });

  it.each([
    ['de', '−1,50', '23′\u20096,5″', '7,20 m'],
    ['fr-CA', '−1,50', '23′\u20096,5″', '7,20 m'],
    ['en-GB', '−1.50', '23′\u20096.5″', '7.20 m'],
    ['fa', '−1.50', '23′\u20096.5″', '7.20 m'],
  ])('is what %s has', (language, number, feet, typed) => {
    reading(language);
    expect(decimals(-1.5, 2)).toBe(number);
    expect(lengthText(7.1755, 'IMPERIAL')).toBe(feet);
    expect(typedLength(7.2, 'METRIC')).toBe(typed);
  });

  it('stands in words that name figures, whichever they were typed with', () => {
    reading('de');
    expect(inFigures('7.2 m or 2.5 bays. Then 3.')).toBe('7,2 m or 2,5 bays. Then 3.');
    expect(typedNumber(2.5, 3)).toBe('2,5');
    reading('en');
    expect(inFigures('7,2 m')).toBe('7.2 m');
  });

  it('is read either way, and nothing else is a number', () => {
    expect(readNumber(' 2,5 ')).toBe(2.5);
    expect(readNumber('2.5')).toBe(2.5);
    expect(readNumber('0')).toBe(0);
    expect(['', ' ', 'x', '2,5,1'].map(readNumber)).toEqual([undefined, undefined, undefined, undefined]);
  });
});
