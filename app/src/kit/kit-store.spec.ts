import { TestBed } from '@angular/core/testing';
import { bestAddition } from '@dray/core/late';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { BEST_ADDITION } from '../workers/best-addition';
import { plainThing } from './implement-fields';
import { KitStore } from './kit-store';

describe('KitStore', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    // The same answer as the worker's, on this thread.
    TestBed.overrideProvider(BEST_ADDITION, {
      useValue: (...[kit, needs]: Parameters<typeof bestAddition>) =>
        Promise.resolve(bestAddition(kit, needs)),
    });
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  const store = () => TestBed.runInInjectionContext(() => new KitStore());

  it('shows who uses a kit, the loads of each hold, and what the session wants of it', () => {
    const kits = store();
    kits.show('kit-tamsin');
    expect(kits.entry()?.users.map(({ name }) => name)).toEqual(['Tamsin']);
    expect(kits.holds().map(({ hold }) => hold)).toContain('pair');
    expect(kits.targets().length).toBeGreaterThan(0);
    for (const { participantId } of kits.targets()) expect(participantId).toBe('tamsin');
    kits.showHold('bothHands');
    expect(kits.hold()?.hold).toBe('bothHands');
    // Two pairs and twenty marks of a bottle.
    expect(kits.hold()?.loads.length).toBe(22);
  });

  it('makes new loads as soon as something is counted in, and takes them back', () => {
    const kits = store();
    kits.show('kit-tamsin');
    const before = kits.holds().find(({ hold }) => hold === 'pair')?.loads.length ?? 0;
    kits.add({ ...plainThing('fixed', 'kg'), massKg: 7.5 } as ReturnType<typeof plainThing>);
    const loads = () =>
      kits
        .holds()
        .find(({ hold }) => hold === 'pair')
        ?.loads.map(({ kg }) => kg) ?? [];
    expect(loads().length).toBe(before + 1);
    expect(loads()).toContain(15);
    kits.documents.undo();
    expect(loads().length).toBe(before);
  });

  it('takes each change of a thing back by itself', () => {
    const kits = store();
    kits.show('kit-tamsin');
    const thing = kits.entry()?.kit.implements[0];
    if (thing?.kind !== 'fixed') throw new Error('the demo has dumbbells first');
    for (const massKg of [6, 6.5]) kits.put({ ...thing, massKg });
    kits.documents.undo();
    expect(kits.entry()?.kit.implements[0]).toEqual({ ...thing, massKg: 6 });
    kits.documents.undo();
    expect(kits.entry()?.kit.implements[0]).toEqual(thing);
  });

  it('moves a kit from person to person, and drops it with every mention of it', () => {
    const kits = store();
    kits.show('kit-loft');
    kits.setUsers(['tamsin', 'wendel']);
    expect(kits.entry()?.words).toBe('place · 2 people');
    kits.drop();
    const document = kits.documents.document();
    expect(document?.kits.some(({ id }) => id === 'kit-loft')).toBeFalse();
    expect(document?.participants.flatMap(({ kitIds }) => kitIds)).not.toContain('kit-loft');
  });

  it('asks what would help, and asks again when the kit changes', async () => {
    const kits = store();
    kits.show('kit-tamsin');
    TestBed.tick();
    await until(() => kits.addition()?.best !== undefined);
    const first = kits.addition();
    kits.add({ kind: 'adjustable', id: 'x', handleKg: 2, handles: 2, plates: [{ massKg: 0.5, count: 40 }] });
    TestBed.tick();
    await until(() => kits.addition() !== first);
    expect(kits.addition()?.best?.weeksSaved ?? 0).toBeLessThan(first?.best?.weeksSaved ?? 0);
  });
});
