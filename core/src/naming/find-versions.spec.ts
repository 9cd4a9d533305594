import { catalog } from '../library';
import { findVersions } from './find-versions';

const names = (text: string) =>
  findVersions(text, catalog).map(({ exercise, name }) => `${exercise.name}: ${name}`);

describe('looking for an exercise', () => {
  it('finds what trains a muscle, in a place, with nothing', () => {
    const found = findVersions('outer hip, standing, nothing', catalog);
    expect(found.length).toBeGreaterThan(0);
    for (const { exercise } of found) {
      expect(exercise.muscles.map(({ muscle }) => muscle)).toContain('outerHip');
      expect(exercise.position).toBe('standing');
      expect(exercise.needs).toEqual([]);
      expect(exercise.loading?.required ?? false).toBe(false);
    }
  });

  it('takes one or many, in any order', () => {
    expect(names('glute lying')).toEqual(names('lying glutes'));
    expect(names('hamstrings')).toEqual(names('hamstring'));
  });

  it('puts what is called so before what only has it in its words', () => {
    expect(findVersions('goblet squat', catalog)[0]?.exercise.id).toBe('goblet-squat');
    expect(findVersions('goblt squat', catalog)[0]?.exercise.id).toBe('goblet-squat');
  });

  it('finds everything by its own name', () => {
    const lost = catalog.versions.filter(
      (version) => !findVersions(version.exercise.name, catalog).some((found) => found === version),
    );
    expect(lost.map(({ exercise }) => exercise.name)).toEqual([]);
  });

  it('finds nothing for nothing, and for what is not there', () => {
    expect(names('')).toEqual([]);
    expect(names('outer hip underwater')).toEqual([]);
  });
});
