import { catalog } from '../library';
import { versionOfExercise, type Version } from '../ladder';
import { applyCautions } from './apply';
import { EXPECTED, EXPECTED_FOR } from './expected';
import type { CautionSubject } from './rule';

/** What became of a version, in the letters of the table. */
function letters(version: Version, subjects: readonly CautionSubject[]): string {
  const verdict = applyCautions(version, subjects, catalog);
  if (verdict.kind === 'blocked') return 'b';
  const { version: as, bodyWeightOnly } = verdict;
  const moved = JSON.stringify(as.levers) !== JSON.stringify(version.levers);
  return `${moved ? 'a' : ''}${as.holdingOn ? 'h' : ''}${bodyWeightOnly ? 'u' : ''}` || '.';
}

describe('the table of what is expected', () => {
  const [head, ...rows] = EXPECTED.trim()
    .split('\n')
    .map((line) => line.trim().split(/ +/));
  const columns = head!.slice(1);

  it('covers at least 300 cells, every condition, and only versions that are there', () => {
    expect(rows.length * columns.length).toBeGreaterThanOrEqual(300);
    expect(columns).toEqual(Object.keys(EXPECTED_FOR));
    for (const row of rows) expect(row.length).withContext(row[0]!).toBe(head!.length);
  });

  for (const [name, ...cells] of rows) {
    it(`agrees on ${name}`, () => {
      const exercise = catalog.exercises.get(name!);
      const version = catalog.versionByRung.get(name!) ?? (exercise && versionOfExercise(exercise));
      if (!version) throw new Error(`There is no ${name}.`);
      const found = columns.map((column) => `${column} ${letters(version, EXPECTED_FOR[column]!)}`);
      expect(found).toEqual(columns.map((column, at) => `${column} ${cells[at]}`));
    });
  }
});
