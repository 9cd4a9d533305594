import {
  formatClock,
  formatEstimate,
  formatHeld,
  formatHeldMass,
  formatLoad,
  formatMass,
  fromUnit,
  inUnit,
  kgFromPounds,
  poundsFromKg,
  readMass,
  totalOf,
} from './index';

describe('units', () => {
  it('knows the pound exactly', () => {
    // Source: international yard and pound agreement, 1959: 1 lb = 0.453 592 37 kg.
    expect(kgFromPounds(1)).toBe(0.45359237);
    expect(kgFromPounds(100)).toBeCloseTo(45.359237, 9);
    expect(poundsFromKg(0.45359237)).toBe(1);
  });

  it('comes back from the reader’s unit to the same mass', () => {
    for (const kg of [0.5, 2.27, 20, 62.5]) {
      expect(fromUnit(inUnit(kg, 'lb'), 'lb')).toBeCloseTo(kg, 12);
      expect(fromUnit(inUnit(kg, 'kg'), 'kg')).toBe(kg);
    }
  });

  it('says a pair per hand, and takes what is typed of one per hand; in all it stays what it was', () => {
    expect(formatHeld(20, 'kg', true)).toBe('2 × 10 kg');
    expect(formatHeld(20, 'kg', false)).toBe('20 kg');
    expect(formatHeldMass(kgFromPounds(50), 'lb', true)).toBe('2 × 25');
    expect(totalOf(10, true)).toBe(20);
    expect(totalOf(10, false)).toBe(10);
  });

  it('writes a load the way it is stamped, without noise', () => {
    expect(formatLoad(11.25, 'kg')).toBe('11.25 kg');
    expect(formatLoad(1.29766, 'kg')).toBe('1.3 kg');
    expect(formatMass(0.1 + 0.2, 'kg')).toBe('0.3');
    expect(formatLoad(kgFromPounds(15), 'lb')).toBe('15 lb');
    expect(formatLoad(kgFromPounds(2.5), 'lb')).toBe('2.5 lb');
  });

  it('writes an estimate no finer than it is known, in the reader’s unit', () => {
    expect(formatEstimate(100.05, 'kg')).toBe('100');
    expect(formatEstimate(26.95, 'kg')).toBe('27');
    expect(formatEstimate(17.31, 'kg')).toBe('17.3');
    expect(formatEstimate(kgFromPounds(83.4), 'lb')).toBe('83');
  });

  it('says an estimate so near that nobody loads a bar wrong by it, and never nothing for something', () => {
    for (let kg = 4; kg < 300; kg += 0.037) {
      expect(Math.abs(Number(formatEstimate(kg, 'kg')) / kg - 1)).toBeLessThan(0.013);
    }
    expect(formatEstimate(0.1, 'kg')).toBe('0.1');
  });

  it('writes times as a clock', () => {
    expect(formatClock(754)).toBe('12:34');
    expect(formatClock(59.6)).toBe('1:00');
  });
});

describe('readMass', () => {
  it('reads what people write, in the unit they write', () => {
    expect(readMass('12.5', 'kg')).toBe(12.5);
    expect(readMass(' 12,5 kg ', 'lb')).toBe(12.5);
    // Source: international yard and pound agreement, 1959.
    expect(readMass('25 lb', 'kg')).toBeCloseTo(25 * 0.45359237, 12);
    expect(readMass('10', 'lb')).toBeCloseTo(4.5359237, 12);
    expect(readMass('400 g', 'kg')).toBe(0.4);
    expect(readMass('-3', 'kg')).toBe(-3);
  });

  it('does not guess at what it cannot read', () => {
    for (const text of ['', 'heavy', '10 stone', '1 2', '5 kg 2'])
      expect(readMass(text, 'kg')).toBeUndefined();
  });
});
