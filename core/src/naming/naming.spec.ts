import * as fc from 'fast-check';
import { COMBINED, VOCABULARY } from '../../testing/vocabulary';
import { buildCatalog } from '../ladder';
import { catalog, LIBRARY_EXERCISES, LIBRARY_LADDERS } from '../library';
import { sourceNames } from '../compose';
import {
  EXERCISES_ALSO_CALLED,
  LADDERS_ALSO_CALLED,
  movementKey,
  movementWords,
  readMovement,
  readSurely,
  RUNGS_ALSO_CALLED,
} from './index';

const idsOf = (text: string) =>
  readMovement(text, catalog)[0]?.parts.map(
    ({ exercise, rungId }) => exercise.id + (rungId ? `:${rungId}` : ''),
  );

describe('movementWords', () => {
  it('makes one form of plurals, hyphens, abbreviations and filler', () => {
    const key = (text: string) => movementKey(movementWords(text));
    for (const [one, other] of [
      ['push-ups', 'Push up'],
      ['DB flyes', 'dumbbell fly'],
      ['SL RDL', 'single-leg Romanian deadlifts'],
      ['calf raises', 'raise of the calves'],
      ['one arm row w/ a kettle bell', 'kettlebell single-arm row'],
      ['presses', 'press'],
      ['biceps', 'bicep'],
    ] as const) {
      expect(key(one)).withContext(one).toBe(key(other));
    }
  });
});

describe('readMovement', () => {
  it('finds every name that stands on the screen, and everything else it is called', () => {
    for (const { id, name } of LIBRARY_EXERCISES) {
      expect(idsOf(name)).withContext(name).toEqual([id]);
      for (const other of EXERCISES_ALSO_CALLED[id] ?? []) {
        const found = readMovement(other, catalog)[0];
        expect(found?.confidence).withContext(other).toBe('sure');
      }
    }
    for (const id of Object.keys(EXERCISES_ALSO_CALLED))
      expect(catalog.exercises.has(id)).withContext(id).toBeTrue();
    for (const id of Object.keys(LADDERS_ALSO_CALLED))
      expect(catalog.ladders.has(id)).withContext(id).toBeTrue();
    for (const id of Object.keys(RUNGS_ALSO_CALLED))
      expect(catalog.versionByRung.has(id)).withContext(id).toBeTrue();
  });

  it('finds what coaches say', () => {
    for (const [id, names] of Object.entries(VOCABULARY)) {
      for (const name of names) expect(idsOf(name)).withContext(name).toEqual([id]);
    }
  });

  it('reads several movements of one repetition as their parts', () => {
    for (const [text, ids] of Object.entries(COMBINED))
      expect(idsOf(text))
        .withContext(text)
        .toEqual([...ids]);
  });

  it('takes words in any order, any case, with filler between them', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LIBRARY_EXERCISES),
        fc.infiniteStream(fc.integer({ min: 0, max: 1000 })),
        fc.boolean(),
        ({ id, name }, dice, loud) => {
          const words = movementWords(name)
            .map((word) => ({ word, at: dice.next().value }))
            .sort((a, b) => a.at - b.at)
            .map(({ word }) => word);
          const text = words.join(' the ');
          expect(idsOf(loud ? text.toUpperCase() : text)).toEqual([id]);
        },
      ),
      { numRuns: 500 },
    );
  });

  it('says how something is held where the words do, and which words said nothing', () => {
    expect(readMovement('goblet squat with a kettlebell', catalog)[0]?.parts[0]?.hold).toBe('bothHands');
    expect(readMovement('single-arm row with a dumbbell', catalog)[0]?.parts[0]?.hold).toBe('oneSide');
    const [likely] = readMovement('lateral raise on the moon', catalog);
    expect(likely?.confidence).toBe('likely');
    expect(likely?.unused).toEqual(['moon']);
  });

  it('takes what is joined by a plus for two movements, though their words are the name of one', () => {
    const names = sourceNames(catalog);
    expect(names.find('Side plank dip')).toEqual({ kind: 'exercise', exerciseId: 'side-plank-dip' });
    expect(idsOf('dip + side plank')?.length).toBe(2);
    for (const { name } of LIBRARY_LADDERS)
      for (const { name: other } of LIBRARY_LADDERS)
        if (name !== other)
          expect(names.find(`${name} + ${other}`)?.kind)
            .withContext(`${name} + ${other}`)
            .toBe('combination');
  });

  it('knows a name with a letter wrong for the very same, compounds and all', () => {
    const names = sourceNames(catalog);
    for (const [wrong, right] of [
      ['Pusj-up', 'Push-up'],
      ['plnak', 'Plank'],
      ['goblet sqaut', 'Goblet squat'],
      ['tricep kikc backs', 'Triceps kickback'],
      ['thrsuter', 'Thruster'],
    ] as const)
      expect(names.findSpoken(wrong)).withContext(wrong).toEqual(names.find(right)!);
  });

  it('takes what is held at its word: what cannot be held that way is not what was meant', () => {
    const sure = (text: string) => readSurely(text, catalog)?.parts[0];
    expect(sure('barbell hip thrust')?.hold).toBe('bar');
    expect(sure('barbell squat to a box')?.exercise.id).toBe('bar-squat~seat');
    expect(sure('dumbbell goblet squat')?.exercise.id).toBe('goblet-squat');
    // No band goes with it.
    expect(sure('banded hip thrust')).toBeUndefined();
    expect(readMovement('banded hip thrust', catalog)[0]?.confidence).toBe('likely');
    expect(sure('DB goblet squats to a box')?.exercise.id).toBe('goblet-squat~seat');
    expect(sure('barbell push-up')).toBeUndefined();
  });

  it('asks no deep knee bend of a squat to a seat', () => {
    const plain = catalog.exercises.get('goblet-squat')!;
    const seated = readSurely('goblet squats to a box', catalog)?.parts[0]?.exercise;
    expect(plain.demands).toContain('deepKnee');
    expect(seated?.demands).not.toContain('deepKnee');
    expect(seated?.needs).toContain(['chair']);
  });

  it('finds what a coach’s own exercise is also called', () => {
    const own = {
      ...catalog.exercises.get('towel-row')!,
      id: 'own',
      name: 'Hawser pull',
      alsoCalled: ['mooring row'],
    };
    const with_ = buildCatalog([...LIBRARY_EXERCISES, own], LIBRARY_LADDERS);
    expect(readMovement('mooring rows', with_)[0]?.parts[0]?.exercise.id).toBe('own');
    expect(sourceNames(with_).find('mooring rows')).toEqual({ kind: 'exercise', exerciseId: 'own' });
  });

  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string({ maxLength: 400 }), fc.string({ unit: 'grapheme', maxLength: 200 })),
        (text) => {
          for (const { parts, confidence } of readMovement(text, catalog)) {
            expect(parts.length).toBeGreaterThan(0);
            expect(['sure', 'likely']).toContain(confidence);
          }
          expect(readMovement('', catalog)).toEqual([]);
        },
      ),
      { numRuns: 2500 },
    );
  });
});
