import { nameFrom, nameSchema } from '@dray/core';

describe('nameFrom', () => {
  const copy = (name: string) => `${name}, copy`;

  it('leaves a name whole that has room for what is said beside it', () => {
    expect(nameFrom('Loft rack', copy)).toBe('Loft rack, copy');
    expect(nameFrom('Loft rack', copy, ['Loft rack'])).toBe('Loft rack, copy');
  });

  it('counts on where a name is taken, whatever its capitals', () => {
    expect(nameFrom('Loft rack', copy, ['loft rack, COPY'])).toBe('Loft rack, copy 2');
    expect(nameFrom('Loft rack', copy, ['Loft rack, copy', 'Loft rack, copy 2'])).toBe('Loft rack, copy 3');
  });

  it('shortens the name and never what is said, to a name that a document takes', () => {
    for (const long of ['x'.repeat(120), 'Ida '.repeat(30).trim(), `${'x'.repeat(112)}⚓⚓⚓⚓`]) {
      const once = nameFrom(long, copy);
      const twice = nameFrom(long, copy, [once]);
      expect(nameSchema.parse(once)).toBe(once);
      expect(nameSchema.parse(twice)).toBe(twice);
      expect(once.endsWith(', copy')).toBeTrue();
      expect(twice.endsWith(', copy 2')).toBeTrue();
    }
  });

  it('does not cut through a letter that takes two places', () => {
    for (let before = 100; before < 120; before += 1) {
      const said = nameFrom(`${'x'.repeat(before)}🪢🪢🪢`.slice(0, 120), copy);
      // Half a letter cannot be written in an address.
      expect(() => encodeURIComponent(said))
        .withContext(String(before))
        .not.toThrow();
    }
  });
});
