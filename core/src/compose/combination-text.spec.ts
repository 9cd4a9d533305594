import { catalog, LIBRARY_COMBINATIONS } from '../library';
import { movementsOf, sourceKey } from '../model';
import { sourceNames } from './source-names';

const names = sourceNames(catalog);
const written = (text: string) => {
  const source = names.find(text);
  return source && names.nameOf(source);
};

describe('combinations in words', () => {
  it('that coaches have a name for are found by it and by every other name, and are there', () => {
    expect(LIBRARY_COMBINATIONS.length).toBeGreaterThanOrEqual(30);
    for (const { name, alsoCalled, source } of LIBRARY_COMBINATIONS) {
      expect(alsoCalled.length).withContext(name).toBeGreaterThanOrEqual(1);
      for (const called of [name, ...alsoCalled, name.toUpperCase()]) {
        const found = names.find(called);
        expect(found && sourceKey(found))
          .withContext(called)
          .toBe(sourceKey(source));
      }
      for (const movement of movementsOf(source)) {
        const there =
          movement.kind === 'ladder'
            ? catalog.ladders.has(movement.ladderId)
            : catalog.exercises.has(movement.exerciseId);
        expect(there)
          .withContext(`${name}: ${sourceKey(movement)}`)
          .toBeTrue();
      }
    }
  });

  it('are any movements joined by a sign or a word', () => {
    expect(written('squat + overhead press')).toBe('Thruster');
    expect(written('2 squats + 2 rows')).toBe('2 Squat + 2 Row');
    expect(written('three squats and a row')).toBe('3 Squat + Row');
    expect(written('hold the bridge + chest press')).toBe('Bridge with chest press');
    expect(written('sit to stand and press')).toBe('Chair squat + Overhead press [exercise]');
    expect(written('squat to curl to press')).toBe('Squat, curl and press');
    expect(written('side lunge + front raise, opposite sides')).toBe(
      'Lateral lunge + Front raise (opposite sides)',
    );
  });

  it('are not read into what is none', () => {
    expect(written('squat + nonsense')).toBeUndefined();
    expect(written('hold the plank + hold the side plank')).toBeUndefined();
    expect(written('squat + curl + press + row + lunge')).toBeUndefined();
    expect(written('squat and reach')).toBe('Squat and reach');
  });
});
