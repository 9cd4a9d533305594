import { boatyard } from '@dray/demo';
import { boatyardInWeekFive } from '@dray/demo/week-five';
import demoFile from '../../../demo/boatyard.dray.json';
import demoLog from '../../../demo/boatyard-log.json';
import schemaFile from '../../../docs/dray.schema.json';
import { LIBRARY_EXERCISES } from '../library';
import { LIBRARY_WORDS } from '../library/words';
import { DOCUMENT_VERSION, type DrayDocument } from '../model';
import { editEachTier, editSlot } from '../plan';
import {
  documentJsonSchema,
  MAX_DOCUMENT_BYTES,
  parseDocument,
  serializeDocument,
  tooLargeSentence,
} from './index';

function sentences(json: string): string[] {
  const result = parseDocument(json);
  return result.ok ? [] : result.problems.map(({ sentence }) => sentence);
}

function broken(change: (document: DrayDocument) => unknown): string {
  return JSON.stringify(change(structuredClone(boatyard)));
}

describe('parseDocument', () => {
  it('reads back what was written, and writes it again byte for byte', () => {
    const parsed = parseDocument(serializeDocument(boatyard));
    if (!parsed.ok) throw new Error(parsed.problems[0]?.sentence);
    expect(parsed.document).toEqual(boatyard);
    const text = serializeDocument(parsed.document);
    const again = parseDocument(text);
    expect(again.ok && serializeDocument(again.document)).toBe(text);
  });

  it('refuses a ladder of the coach’s own that does not fit together, and says why', () => {
    const ladder = {
      id: 'own',
      name: 'Own',
      pattern: 'squat',
      whenStuck: 'a lighter one',
      stepBack: 'it wobbles',
      rungs: [
        {
          id: 'own-rung',
          exerciseId: 'moon-walk',
          name: 'moon walk',
          tier: 'beginner',
          levers: {},
          needs: [],
          spares: [],
          gate: { sets: 3, reps: 10, reserve: 2, visits: 2 },
          prerequisites: [],
        },
      ],
    };
    expect(sentences(broken((document) => ({ ...document, ladders: [ladder] })))[0]).toContain(
      'names the exercise moon-walk, which is not there',
    );
    const taken = { ...ladder, id: 'squat' };
    expect(sentences(broken((document) => ({ ...document, ladders: [taken] })))[0]).toContain('stands twice');
  });

  it('refuses what is no document, in one sentence', () => {
    const cases: [string, RegExp][] = [
      ['', /empty/],
      ['hello', /not JSON/],
      ['[1, 2]', /not a Dray file/],
      ['{"format":"other"}', /not a Dray file/],
      [serializeDocument(boatyard).slice(0, 5000), /cut short/],
      [JSON.stringify({ ...boatyard, version: DOCUMENT_VERSION + 1 }), /newer Dray.*Update/],
      [JSON.stringify({ ...boatyard, version: 'one' }), /which version/],
    ];
    for (const [json, sentence] of cases) {
      expect(sentences(json).length).toBe(1);
      expect(sentences(json)[0]).toMatch(sentence);
    }
    expect(tooLargeSentence(MAX_DOCUMENT_BYTES + 1)).toMatch(/too large.*301 MB.*300 MB/);
  });

  it('brings a document of the second version up to date: decisions get their own field, nothing else moves', () => {
    const decided = (id: string, reason: string) => ({
      id,
      participantId: 'juno',
      slotId: 'tue-squat',
      fromWeek: 2,
      toWeek: 2,
      amount: 9,
      reason,
      reviewOfWeek: 1,
    });
    const byHand = {
      id: 'c',
      participantId: 'juno',
      slotId: 'tue-row',
      fromWeek: 1,
      sets: 2,
      reason: 'Stays as it was.',
    };
    const overrides = [decided('a', 'Stays as it was. Proposed: more.'), decided('b', 'Reps first.'), byHand];
    const parsed = parseDocument(JSON.stringify({ ...boatyard, version: 2, overrides }));
    if (!parsed.ok) throw new Error(parsed.problems[0]?.sentence);
    expect(parsed.document.overrides.map(({ decision }) => decision)).toEqual([
      'declined',
      'agreed',
      undefined,
    ]);
    expect(parsed.document.overrides.map(({ decision: _, counted: __, ...rest }) => rest)).toEqual(overrides);
  });

  it('brings a document of the third version up to date: people stand on rungs that are there, own exercises say what they ask', () => {
    const [juno] = boatyard.participants;
    const own = {
      ...LIBRARY_EXERCISES.find(({ id }) => id === 'jump-back-thrust')!,
      id: 'slipway-thrust',
      name: 'Slipway thrust',
      easedBy: undefined,
      demands: ['jump', 'shoulderLoad'],
      demandsLoaded: [],
      words: LIBRARY_WORDS['jump-back-thrust'],
    };
    const set = (rungId: string, exerciseId: string) => ({
      id: rungId,
      participantId: juno!.id,
      sessionId: 'tuesday',
      slotId: 'tue-hinge',
      week: 1,
      date: '2026-10-27',
      exerciseId,
      rungId,
      set: 1,
      counted: 'reps',
      amount: 10,
    });
    const old = {
      ...boatyard,
      version: 3,
      exercises: [own],
      participants: [{ ...juno, rungs: { hinge: 'hinge-bridge', 'one-leg-hinge': 'one-hinge-staggered' } }],
      log: [set('hinge-bridge', 'floor-bridge'), set('hinge-pair', 'pair-hinge')],
    };
    const parsed = parseDocument(JSON.stringify(old));
    if (!parsed.ok) throw new Error(parsed.problems[0]?.sentence);
    const { participants, log, exercises } = parsed.document;
    expect(participants[0]?.rungs).toEqual({ hinge: 'hinge-free', 'one-leg-hinge': 'one-hinge-held' });
    // A set keeps the exercise it was done in.
    expect(log.map(({ exerciseId, rungId }) => [exerciseId, rungId])).toEqual([
      ['floor-bridge', undefined],
      ['pair-hinge', 'hinge-pair'],
    ]);
    // What a thrust that jumps plainly asks besides: nobody with a bad heart is given it for want of a word.
    expect(exercises[0]?.demands).toEqual(
      jasmine.arrayContaining(['jump', 'jolt', 'breathless', 'livelyPace', 'toFloor']),
    );
  });

  it('brings a document of the first version up to date: sessions get their days', () => {
    const { visits: _, ...old } = boatyard;
    const programs = boatyard.programs.map(({ startTime: _time, ...program }) => ({
      ...program,
      weeks: program.weeks.map(({ week }) => ({ week, sessionIds: ['tuesday', 'friday'] })),
    }));
    const parsed = parseDocument(JSON.stringify({ ...old, version: 1, programs }));
    if (!parsed.ok) throw new Error(parsed.problems[0]?.sentence);
    expect(parsed.document.version).toBe(10);
    // It starts on a Monday, and two sessions are half a week apart.
    expect(parsed.document.programs[0]?.weeks[0]?.days).toEqual([
      { weekday: 1, sessionId: 'tuesday' },
      { weekday: 4, sessionId: 'friday' },
    ]);
    expect(parsed.document.visits).toEqual([]);
  });

  it('brings a document of version 7 up to date: what an amount set by hand counts is what the work did', () => {
    const override = { participantId: 'bram', fromWeek: 2, reason: 'as he likes it', amount: 12 };
    const overrides = [
      { ...override, id: 'a', slotId: 'tue-squat' },
      { ...override, id: 'b', slotId: 'tue-plank' },
      { ...override, id: 'c', slotId: 'tue-squat', amount: undefined, sets: 2 },
      { ...override, id: 'd', slotId: 'tue-row' },
    ];
    // As many as possible in forty seconds: a caution may have made repetitions of it.
    const sessions = boatyard.sessions.map((session) =>
      editSlot(session, 'tue-row', (slot) =>
        editEachTier(slot, (one) => ({ ...one, work: { kind: 'most', seconds: 40 } })),
      ),
    );
    const parsed = parseDocument(JSON.stringify({ ...boatyard, sessions, version: 7, overrides }));
    if (!parsed.ok) throw new Error(parsed.problems[0]?.sentence);
    expect(parsed.document.overrides.map(({ counted }) => counted)).toEqual([
      'reps',
      'seconds',
      undefined,
      undefined,
    ]);
  });

  it('says where, what and how to mend', () => {
    const cases: [(document: DrayDocument) => unknown, RegExp][] = [
      [
        (d) => ({ ...d, participants: [{ ...d.participants[0], bodyMassKg: 'heavy' }] }),
        /person 1, body mass has to be a number/,
      ],
      [(d) => ({ ...d, kits: [{ ...d.kits[0], unit: 'stone' }] }), /kit 1, unit has to be one of: kg, lb/],
      [(d) => ({ ...d, kits: undefined }), /kit is missing/],
      [(d) => ({ ...d, colour: 'red' }), /a field Dray does not know: colour/],
    ];
    for (const [change, sentence] of cases) {
      expect(sentences(broken(change)).join('\n')).toMatch(sentence);
    }
  });

  it('refuses an absurd mass with the limit', () => {
    const json = broken((d) => {
      const kit = d.kits[0]!;
      return {
        ...d,
        kits: [{ ...kit, implements: [{ kind: 'fixed', id: 'x', form: 'dumbbell', massKg: 500, count: 1 }] }],
      };
    });
    expect(sentences(json).join()).toMatch(
      /kit 1, thing 1, mass: a dumbbell or kettlebell weighs more than 0 and at most 100 kg/,
    );
  });

  it('refuses exercises that are nowhere, and ids and weeks that stand twice', () => {
    const twice = broken((d) => ({ ...d, kits: [...d.kits, d.kits[0]] }));
    expect(sentences(twice).join()).toContain('is taken already');
    const noLadder = broken((d) => {
      d.sessions[0]!.blocks[1]!.slots[0]!.source = { kind: 'ladder', ladderId: 'rope' };
      return d;
    });
    expect(sentences(noLadder).join()).toContain('there is no ladder “rope”');
    const weeks = broken((d) => {
      const [program] = d.programs;
      return { ...d, programs: [{ ...program!, weeks: [...program!.weeks, program!.weeks[2]] }] };
    });
    expect(sentences(weeks)).toEqual(['program 1: week 3 stands twice; take one of them out.']);
  });

  describe('puts right, and says so,', () => {
    const mended = (change: (document: DrayDocument) => unknown) => {
      const parsed = parseDocument(broken(change));
      if (!parsed.ok) throw new Error(parsed.problems[0]?.sentence);
      return parsed;
    };

    it('weeks out of order, and weeks that were left out', () => {
      const { document, mended: notes } = mended((d) => {
        const [program] = d.programs;
        return { ...d, programs: [{ ...program!, weeks: program!.weeks.toReversed().slice(0, 6) }] };
      });
      const weeks = document.programs[0]!.weeks;
      expect(weeks.map(({ week }) => week)).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
      expect(weeks[0]?.days).toEqual([]);
      expect(weeks[7]).toEqual(boatyard.programs[0]!.weeks[7]!);
      expect(notes).toContain(`“${boatyard.programs[0]!.name}”: its weeks were put in order.`);
    });

    it('what points at a kit, a session or a slot that is not there', () => {
      const { document, mended: notes } = mended((d) => {
        const [bram, ...others] = d.participants;
        return {
          ...d,
          participants: [{ ...bram!, kitIds: [...bram!.kitIds, 'nowhere'] }, ...others],
          sessions: d.sessions.filter(({ id }) => id !== 'noon'),
        };
      });
      expect(document.participants[0]?.kitIds).toEqual(boatyard.participants[0]!.kitIds);
      const days = document.programs.flatMap(({ weeks }) => weeks.flatMap((week) => week.days));
      expect(days.some(({ sessionId }) => sessionId === 'noon')).toBeFalse();
      expect(notes).toContain('Bram: a kit that is not in the file was left out.');
      expect(notes.join(' ')).toContain('days of sessions that are not in the file were left out.');
    });

    it('what was set by hand to something that is not there, by name: the plan stands again in its place', () => {
      const { document, mended: notes } = mended((d) => ({
        ...d,
        overrides: [
          {
            id: 'o',
            participantId: 'wendel',
            slotId: 'tue-press',
            fromWeek: 1,
            exerciseId: 'his-own-press',
            reason: 'spares the shoulder',
          },
        ],
      }));
      expect(document.overrides).toEqual([]);
      expect(notes[0]).toBe(
        'Wendel: what was set by hand (“spares the shoulder”) is not in the file, and the plan stands in its place. Look at it before the next class.',
      );
    });

    it('never by dropping a set: whoever did it is there, put by', () => {
      const parsed = parseDocument(
        JSON.stringify({
          ...boatyardInWeekFive,
          participants: boatyardInWeekFive.participants.filter(({ id }) => id !== 'juno'),
        }),
      );
      if (!parsed.ok) throw new Error(parsed.problems[0]?.sentence);
      expect(parsed.document.log).toEqual(boatyardInWeekFive.log);
      expect(parsed.document.participants.at(-1)).toEqual(
        jasmine.objectContaining({ id: 'juno', name: 'juno', archived: true }),
      );
      expect(parsed.mended[0]).toContain('“juno”, are kept');
    });

    it('nothing in a document that is whole', () => {
      const { document, mended: notes } = mended((d) => d);
      expect(notes).toEqual([]);
      expect(document).toEqual(boatyard);
    });
  });
});

describe('files made from code', () => {
  it('are as the code makes them now (npm run generate)', () => {
    expect({ ...demoFile, ...demoLog } as unknown).toEqual(JSON.parse(serializeDocument(boatyardInWeekFive)));
    expect(parseDocument(JSON.stringify({ ...demoFile, ...demoLog })).ok).toBeTrue();
    expect(schemaFile as unknown).toEqual(JSON.parse(JSON.stringify(documentJsonSchema())));
  });
});
