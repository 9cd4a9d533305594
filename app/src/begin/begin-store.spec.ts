import { TestBed } from '@angular/core/testing';
import type { DrayDb } from '../data/dray-db';
import { Device } from '../data/device';
import { FrontClass } from '../state/front-class';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { BeginStore } from './begin-store';

describe('BeginStore', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  const opened = () => TestBed.runInInjectionContext(() => new BeginStore());

  /** The demo stands in front, as in a browser that was just opened. */
  async function begun() {
    const front = TestBed.inject(FrontClass);
    await until(() => front.front() === 'demo');
    return opened();
  }

  it('takes whoever nothing was said of for a beginner without anything, and keeps what is said by name', async () => {
    const begin = await begun();
    begin.typeNames('1. Ida\n2. Jost');
    begin.sayTier('Ida', 'advanced');
    begin.put('mat', 'Ida', true);
    begin.put('dumbbells', 'Ida', true);
    begin.put('mat', 'Ida', false);
    expect(begin.people()).toEqual([
      { name: 'Ida', tier: 'advanced', conditions: [], things: ['dumbbells'] },
      { name: 'Jost', tier: 'beginner', conditions: [], things: [] },
    ]);
    expect(begin.bare().map(({ name }) => name)).toEqual(['Jost']);
    begin.typeNames('Jost');
    begin.typeNames('Jost\nIda');
    expect(begin.people().at(-1)?.tier).toBe('advanced');
  });

  it('has the things of the room apart from those of a home', async () => {
    const begin = await begun();
    begin.typeNames('Ida');
    begin.put('mat', undefined, true);
    expect([begin.has('mat', undefined), begin.has('mat', 'Ida')]).toEqual([true, false]);
    begin.put('usualRoom', undefined, false);
    expect(begin.has('usualRoom', undefined)).toBeFalse();
    begin.put('mat', 'nobody of that name', true);
    expect(begin.has('mat', 'nobody of that name')).toBeFalse();
  });

  it('refuses two of one name, and one who is in the class already when it joins that class', async () => {
    const begin = await begun();
    begin.typeNames('Ida\nida');
    expect(begin.names().problem).toContain('Two are called ida');
    // The boatyard is put away: its names are free.
    begin.typeNames('Juno');
    expect(begin.joins()).toBeFalse();
    expect(begin.names().problem).toBe('');
    await begin.finish();
    begin.typeNames('Juno\nJost');
    expect(begin.joins()).toBeTrue();
    expect(begin.names().problem).toContain('Two are called Juno');
  });

  it('puts the boatyard away and stands in its place, with a program on the days that are left', async () => {
    const begin = await begun();
    begin.typeNames('Ida, Jost');
    begin.put('dumbbells', undefined, true);
    begin.chooseDays([2, 4]);
    begin.setTime('18:30');
    begin.setWeeks(6);
    begin.setWeeks(undefined);
    begin.nameSession('Evening strength');
    await begin.finish();
    const document = begin.documents.document()!;
    expect(document.participants.map(({ name }) => name)).toEqual(['Ida', 'Jost']);
    expect(document.kits.map(({ name }) => name)).toEqual(['Our room']);
    expect(document.sessions.map(({ name }) => name)).toEqual(['Evening strength']);
    const [program] = document.programs;
    expect([program?.startTime, program?.weeks.length]).toEqual(['18:30', 6]);
    // It is Wednesday: of the first week Thursday is left, of the second both.
    expect(program?.weeks[0]?.days.map(({ weekday }) => weekday)).toEqual([4]);
    expect(program?.weeks[1]?.days.map(({ weekday }) => weekday)).toEqual([2, 4]);
    expect(TestBed.inject(ViewStore).session()?.name).toBe('Evening strength');
    expect(TestBed.inject(FrontClass).putAway()).toBeTrue();
    // Nothing is left of it for the next one.
    expect([begin.namesText(), begin.days(), begin.sessionName()]).toEqual(['', [], 'My class']);
  });

  it('joins a class of the coach’s own, in one step that can be taken back', async () => {
    const begin = await begun();
    begin.typeNames('Ida');
    await begin.finish();
    begin.typeNames('Jost');
    begin.nameSession('A second one');
    await begin.finish();
    const people = () => begin.documents.people().map(({ name }) => name);
    expect(people()).toEqual(['Ida', 'Jost']);
    expect(begin.documents.sessions().length).toBe(2);
    begin.documents.undo();
    expect(people()).toEqual(['Ida']);
    expect(begin.documents.sessions().length).toBe(1);
  });

  it('brings back a class that is put away before another joins it', async () => {
    const begin = await begun();
    begin.typeNames('Ida');
    await begin.finish();
    const front = TestBed.inject(FrontClass);
    await front.change();
    expect(front.front()).toBe('demo');
    begin.typeNames('Jost');
    await begin.finish();
    expect(begin.documents.people().map(({ name }) => name)).toEqual(['Ida', 'Jost']);
  });

  it('is one class, however often the hand presses', async () => {
    const begin = await begun();
    begin.typeNames('Ida');
    expect(await Promise.all([begin.finish(), begin.finish()])).toEqual([true, false]);
    expect(await begin.finish()).toBeFalse();
    expect(begin.documents.sessions().length).toBe(1);
    // The boatyard is what was put away, and not the first of two.
    await TestBed.inject(FrontClass).change();
    expect(begin.documents.people().map(({ id }) => id)).toContain('juno');
  });

  it('stays as it was typed where it cannot be taken, and says so', async () => {
    const begin = await begun();
    await begin.documents.checks.load();
    begin.typeNames('Ida');
    await begin.finish();
    begin.typeNames('Jost');
    begin.nameSession('x'.repeat(121));
    expect(await begin.finish()).toBeFalse();
    expect(begin.people().map(({ name }) => name)).toEqual(['Jost']);
    expect(begin.documents.people().map(({ name }) => name)).toEqual(['Ida']);
    expect(begin.documents.remark()?.words).toContain('That was not done');
  });

  it('gives somebody with the longest name there may be a kit at home', async () => {
    const begin = await begun();
    const long = 'Ida '.repeat(30).trim();
    begin.typeNames(`${long}\nJost`);
    expect(begin.names().problem).toBe('');
    begin.put('mat', long, true);
    await begin.finish();
    const [room, home] = begin.documents.document()!.kits;
    expect(room?.name).toBe('Our room');
    expect(home?.name.endsWith(', at home')).toBeTrue();
    expect(begin.documents.people()[0]?.kitIds).toEqual([room!.id, home!.id]);
  });

  it('begins a text with the session that was chosen, and reads what is made of it', async () => {
    const begin = await begun();
    begin.chooseStarter(1);
    begin.startWith('text');
    expect(begin.text()).toContain('Whole body, 30 minutes');
    begin.type('Warm-up\n- Squat: 3 × 10');
    expect(begin.problems()).toEqual([]);
    expect(begin.session().blocks.flatMap(({ slots }) => slots).length).toBe(1);
    begin.type('- Zzyx: 3 × 10');
    expect(begin.problems().length).toBeGreaterThan(0);
    // What was typed is there when one comes back to it.
    begin.startWith('empty');
    expect(begin.session().blocks).toEqual([]);
    begin.startWith('text');
    expect(begin.text()).toBe('- Zzyx: 3 × 10');
  });

  it('gives each class a session of its own from one that is ready', async () => {
    const begin = await begun();
    const ids = () => {
      const { id, blocks } = begin.session();
      return [id, ...blocks.flatMap((block) => [block.id, ...block.slots.map((slot) => slot.id)])];
    };
    const first = ids();
    begin.chooseStarter(1);
    begin.chooseStarter(0);
    expect(first.length).toBeGreaterThan(5);
    expect(ids().filter((id) => first.includes(id))).toEqual([]);
  });

  it('is taken up where it was left, and never written over what is being typed', async () => {
    const begin = await begun();
    begin.typeNames('Ida\nJost');
    begin.chooseDays([3]);
    const kept = () => TestBed.inject(Device).get<{ days: number[] }>('class being begun');
    await until(async () => (await kept())?.days[0] === 3);
    const again = opened();
    await until(() => again.namesText() !== '');
    expect(again.people().map(({ name }) => name)).toEqual(['Ida', 'Jost']);
    expect(again.days()).toEqual([3]);
    const busy = opened();
    busy.typeNames('Runa');
    await until(async () => (await kept())?.days.length === 0);
    expect(busy.namesText()).toBe('Runa');
  });
});
