import { Dexie } from 'dexie/dist/modern/dexie.min.mjs';
import { DrayDb } from './dray-db';

describe('a browser that kept an older version', () => {
  let name = '';

  beforeEach(() => (name = `test-${crypto.randomUUID()}`));

  afterEach(() => Dexie.delete(name));

  it('is brought up: what was declined in words is a decision, and everything else stands as it was', async () => {
    const old = new Dexie(name);
    old.version(2).stores({ overrides: 'id', participants: 'id', days: 'id, participantId, date' });
    const row = (id: string, reason: string, reviewOfWeek?: number) => ({
      id,
      at: 0,
      value: { id, reason, ...(reviewOfWeek && { reviewOfWeek }) },
    });
    await old
      .table('overrides')
      .bulkAdd([
        row('a', 'Stays as it was. Proposed: more.', 1),
        row('b', 'Reps first.', 1),
        row('c', 'by hand'),
      ]);
    await old.table('days').add({ id: 'd', participantId: 'juno', date: '2026-11-24', entries: [] });
    old.close();

    const now = new DrayDb(name);
    const values = (await now.overrides.toArray()).map(({ value }) => value);
    expect(values).toEqual([
      { id: 'a', reason: 'Stays as it was. Proposed: more.', reviewOfWeek: 1, decision: 'declined' },
      { id: 'b', reason: 'Reps first.', reviewOfWeek: 1, decision: 'agreed' },
      { id: 'c', reason: 'by hand' },
    ]);
    expect(await now.days.count()).toBe(1);
    now.close();
  });

  it('of version 3 finds its people and sets on rungs that are there', async () => {
    const old = new Dexie(name);
    old
      .version(3)
      .stores({ overrides: 'id', participants: 'id', exercises: 'id', days: 'id, participantId, date' });
    await old
      .table('participants')
      .add({ id: 'p', at: 0, value: { id: 'p', rungs: { hinge: 'hinge-bridge' } } });
    const entries = [{ id: 'e', exerciseId: 'floor-bridge', rungId: 'hinge-bridge', amount: 12 }];
    await old.table('days').add({ id: 'd', participantId: 'p', date: '2026-11-24', entries });
    old.close();

    const now = new DrayDb(name);
    expect((await now.participants.get('p'))?.value).toEqual({ id: 'p', rungs: { hinge: 'hinge-free' } });
    expect((await now.days.get('d'))?.entries as unknown).toEqual([
      { id: 'e', exerciseId: 'floor-bridge', amount: 12 },
    ]);
    now.close();
  });

  it('of version 8 says of an amount set by hand what it counts, as the work of that person did', async () => {
    const old = new Dexie(name);
    old.version(8).stores({ overrides: 'id', participants: 'id', sessions: 'id' });
    const prescriptions = {
      beginner: { work: { kind: 'reps', reps: 10 } },
      advanced: { work: { kind: 'hold', seconds: 40 } },
    };
    const session = { id: 's', blocks: [{ slots: [{ id: 'slot', prescriptions }] }] };
    await old.table('sessions').add({ id: 's', at: 0, value: session });
    const people = [
      { id: 'p', at: 0, value: { id: 'p', tier: 'beginner' } },
      { id: 'q', at: 1, value: { id: 'q', tier: 'advanced' } },
    ];
    await old.table('participants').bulkAdd(people);
    const set = (id: string, participantId: string, numbers: object) => ({
      id,
      at: 0,
      value: { id, participantId, slotId: 'slot', ...numbers },
    });
    await old
      .table('overrides')
      .bulkAdd([set('a', 'p', { amount: 12 }), set('b', 'q', { amount: 50 }), set('c', 'q', { sets: 2 })]);
    old.close();

    const now = new DrayDb(name);
    const counted = (await now.overrides.toArray()).map(
      ({ value }) => (value as { counted?: string }).counted,
    );
    expect(counted).toEqual(['reps', 'seconds', undefined]);
    now.close();
  });

  it('of version 4 has its sets told apart by the day they were done on, and none is lost', async () => {
    const old = new Dexie(name);
    old.version(4).stores({ programs: 'id', visits: 'id', days: 'id, participantId, date' });
    const weeks = [
      {
        week: 1,
        days: [
          { weekday: 2, sessionId: 's' },
          { weekday: 5, sessionId: 's' },
        ],
      },
    ];
    await old.table('programs').add({ id: 'p', at: 0, value: { id: 'p', startDate: '2026-11-23', weeks } });
    const set = (id: string, date: string) => ({ id, sessionId: 's', participantId: 'b', week: 1, date });
    const days = [
      { id: 'b 2026-11-24 s', participantId: 'b', date: '2026-11-24', entries: [set('x', '2026-11-24')] },
      { id: 'b 2026-11-27 s', participantId: 'b', date: '2026-11-27', entries: [set('y', '2026-11-27')] },
    ];
    await old.table('days').bulkAdd(days);
    await old.table('visits').add({ id: 'v', at: 0, value: { ...set('v', '2026-11-27'), effort: 7 } });
    old.close();

    const now = new DrayDb(name);
    const entries = (await now.days.toArray()).flatMap((day) => day.entries);
    expect(entries.map(({ id, nth = 1 }) => `${id} ${nth}`)).toEqual(['x 1', 'y 2']);
    expect((await now.visits.get('v'))?.value).toEqual(jasmine.objectContaining({ nth: 2, effort: 7 }));
    expect((await now.classes.toArray()).map(({ id }) => id)).toEqual(['s.1.1', 's.1.2']);
    now.close();
  });

  it('of version 5 has its programs’ weeks from Monday, with every class on its day', async () => {
    const old = new Dexie(name);
    old.version(5).stores({ programs: 'id' });
    const weeks = [{ week: 1, days: [{ weekday: 2, sessionId: 's' }] }];
    await old.table('programs').add({ id: 'p', at: 0, value: { id: 'p', startDate: '2026-11-24', weeks } });
    old.close();

    const now = new DrayDb(name);
    expect((await now.programs.get('p'))?.value).toEqual({ id: 'p', startDate: '2026-11-23', weeks });
    now.close();
  });
});
