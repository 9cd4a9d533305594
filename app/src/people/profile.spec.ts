import { TestBed } from '@angular/core/testing';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { PeopleStore } from './people-store';
import { Profile } from './profile';

describe('Profile', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.overrideComponent(Profile, { add: { providers: [PeopleStore] } });
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  async function profileOf(id: string) {
    const fixture = TestBed.createComponent(Profile);
    const people = fixture.debugElement.injector.get(PeopleStore);
    people.show(id);
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    const write = async (selector: string, text: string) => {
      const field = host.querySelector<HTMLInputElement | HTMLSelectElement>(selector)!;
      field.value = text;
      field.dispatchEvent(new Event('change'));
      await fixture.whenStable();
    };
    return { host, people, write };
  }

  it('keeps a tier by pattern, not only one for the person', async () => {
    const { host, people } = await profileOf('bram');
    const select = [...host.querySelectorAll('.standing label')]
      .find((label) => label.textContent?.includes('balancing'))!
      .querySelector('select')!;
    select.value = 'beginner';
    select.dispatchEvent(new Event('change'));
    expect(people.person()?.tiers.balance).toBe('beginner');
    expect(people.person()?.tier).toBe('advanced');
  });

  it('refuses a lever setting out of range in words, and keeps what stood', async () => {
    const { host, people, write } = await profileOf('odile');
    const lever = '[aria-label="Push-up, surface"]';
    await write(lever, '60');
    expect(people.person()?.levers?.['press-up']).toEqual({ surfaceHeight: 60 });
    await write(lever, '900');
    expect(host.querySelector('.problem')?.textContent).toContain('surface goes from 0 to 140 cm');
    expect(people.person()?.levers?.['press-up']).toEqual({ surfaceHeight: 60 });
  });

  it('keeps the newest result of a day, and forgets one that is emptied', async () => {
    const { people, write } = await profileOf('juno');
    await write('[data-check="plankSeconds"]', '40');
    await write('[data-check="plankSeconds"]', '45');
    expect(people.person()?.checks?.map(({ result }) => result)).toEqual([45]);
    await write('[data-check="plankSeconds"]', '');
    expect(people.person()?.checks).toEqual([]);
  });

  it('refuses a result that cannot be', async () => {
    const { host, people, write } = await profileOf('juno');
    await write('[data-check="plankSeconds"]', 'long');
    expect(host.querySelector('.problem')?.textContent).toContain('a number from 0 to 600');
    expect(people.person()?.checks ?? []).toEqual([]);
  });

  it('takes somebody out with what was set by hand for them, and undo brings both back', async () => {
    const { people } = await profileOf('juno');
    people.documents.edit('by hand', (document) => ({
      ...document,
      overrides: [
        { id: 'o', participantId: 'juno', slotId: 'tue-squat', fromWeek: 1, sets: 2, reason: 'tired' },
      ],
    }));
    people.remove();
    expect(people.people().map(({ id }) => id)).not.toContain('juno');
    expect(people.documents.document()?.overrides).toEqual([]);
    people.documents.undo();
    expect(people.people().map(({ id }) => id)).toContain('juno');
    expect(people.documents.document()?.overrides.length).toBe(1);
  });
});
