import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatCheckboxHarness } from '@angular/material/checkbox/testing';
import { MatChipListboxHarness } from '@angular/material/chips/testing';
import { MatExpansionPanelHarness } from '@angular/material/expansion/testing';
import { MatRadioGroupHarness } from '@angular/material/radio/testing';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { ChoiceHarness, FieldHarness } from '../ui/forms/testing';
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
    const host = fixture.nativeElement as HTMLElement;
    fixture.detectChanges();
    const heads = () => [...host.querySelectorAll('h2')].map((head) => head.textContent);
    const first = { fields: host.querySelectorAll('mat-form-field').length, heads: heads() };
    // Where they stand comes last.
    await until(() => host.querySelector('mat-expansion-panel') !== null);
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const field = (named: string) => loader.getHarness(FieldHarness.with({ named }));
    const unfold = async () => (await loader.getHarness(MatExpansionPanelHarness)).expand();
    return { host, first, heads, loader, field, people, unfold };
  }

  it('comes part by part, what a session needs to know first, so that no step of it holds the page up', async () => {
    const { first, heads } = await profileOf('bram');
    expect(first).toEqual({ fields: 4, heads: [] });
    expect(heads()).toEqual(['Cautions', 'About them', 'Before the first session', 'First-visit checks']);
  });

  it('keeps a tier by pattern, not only one for the person', async () => {
    const { loader, people, unfold } = await profileOf('bram');
    await unfold();
    const balance = await loader.getHarness(ChoiceHarness.with({ named: 'balancing' }));
    expect(await balance.shown()).toBe('advanced, as a whole');
    await balance.choose('beginner');
    expect(people.person()?.tiers.balance).toBe('beginner');
    expect(people.person()?.tier).toBe('advanced');
  });

  it('refuses a lever setting out of range in words, and keeps what stood', async () => {
    const { field, people, unfold } = await profileOf('odile');
    await unfold();
    const surface = await field('Push-up, surface');
    await surface.write('60');
    expect(people.person()?.levers?.['press-up']).toEqual({ surfaceHeight: 60 });
    await surface.write('900');
    expect(await surface.problem()).toContain('goes from 0 to 140 cm');
    expect(people.person()?.levers?.['press-up']).toEqual({ surfaceHeight: 60 });
  });

  it('keeps the newest result of a day, and forgets one that is emptied', async () => {
    const { field, people } = await profileOf('juno');
    const plank = await field('plank');
    await plank.write('40');
    await plank.write('45');
    expect(people.person()?.checks?.map(({ result }) => result)).toEqual([45]);
    await plank.write('');
    expect(people.person()?.checks).toEqual([]);
  });

  it('refuses a result that cannot be', async () => {
    const { field, people } = await profileOf('juno');
    const plank = await field('plank');
    await plank.write('5000');
    expect(await plank.problem()).toContain('a number from 0 to 600');
    expect(people.person()?.checks ?? []).toEqual([]);
  });

  it('takes a body mass as people say it, and refuses one that cannot be', async () => {
    const { field, people } = await profileOf('juno');
    const mass = await field('body mass');
    await mass.write('150 lb');
    expect(people.person()?.bodyMassKg).toBeCloseTo(68.04, 2);
    await mass.write('6');
    expect(await mass.problem()).toBe('body mass has to be from 20 to 300 kg (44 to 660 lb).');
    expect(people.person()?.bodyMassKg).toBeCloseTo(68.04, 2);
  });

  it('says whether a check is met by the published norm, and puts somebody where it says on being told', async () => {
    const { host, field, loader, people } = await profileOf('odile');
    await (await field('chair stands in 30 s')).write('9');
    const row = (check: string) =>
      [...host.querySelectorAll('dray-checks tr')]
        .find((own) => own.querySelector('[role=rowheader]')?.textContent.trim().startsWith(check))!
        .textContent.replace(/\s+/g, ' ');
    // CDC STEADI, 30-second chair stand: of women of 65 to 69, fewer than 11 is below average.
    expect(row('chair stands')).toContain('not met: below 11 is below average at 69');
    await (await field('plank')).write('30');
    expect(row('plank')).toContain('forearms on the floor');
    const before = people.person()?.rungs;
    const buttons = await loader.getAllHarnesses(MatButtonHarness.with({ text: 'Put them there' }));
    await buttons.at(-1)!.click();
    expect(row('plank')).toContain('taken');
    expect(people.person()?.rungs).not.toEqual(before);
  });

  it('asks where a surgery was, and says that a clinician comes first until it is said', async () => {
    const { loader, people } = await profileOf('juno');
    await (await loader.getHarness(MatCheckboxHarness.with({ label: 'recent surgery' }))).check();
    const where = await loader.getHarness(ChoiceHarness.with({ named: 'where the surgery was' }));
    expect(await where.shown()).toContain('a clinician first until it is said');
    expect(people.person()?.cautions).toEqual([{ condition: 'recentSurgery' }]);
    await where.choose('belly or pelvis');
    expect(people.person()?.cautions).toEqual([{ condition: 'recentSurgery', place: 'abdomen' }]);
  });

  it('asks with a caution what that caution needs, and drops it whole', async () => {
    const { loader, field, people } = await profileOf('juno');
    const pressure = await loader.getHarness(MatCheckboxHarness.with({ label: 'high blood pressure' }));
    await pressure.check();
    await (await field('Systolic, mmHg')).write('150');
    const overhead = await loader.getHarness(ChoiceHarness.with({ named: 'loads overhead' }));
    await overhead.choose('never a load overhead');
    expect(people.person()?.cautions).toEqual([
      { condition: 'highBloodPressure', systolic: 150, overhead: 'never' },
    ]);
    await (await field('Diastolic, mmHg')).write('9');
    expect(await (await field('Diastolic, mmHg')).problem()).toContain('135 over 85');
    await pressure.uncheck();
    expect(people.person()?.cautions).toEqual([]);
  });

  it('holds somebody back by what they answer, until a clinician has agreed', async () => {
    const { host, loader } = await profileOf('juno');
    const groups = await loader.getAllHarnesses(MatRadioGroupHarness);
    await groups[0]!.checkRadioButton({ label: 'yes' });
    expect(host.querySelector('[data-testid="readiness"]')?.textContent).toContain('See a clinician first');
    await groups.at(-1)!.checkRadioButton({ label: 'yes' });
    expect(host.querySelector('[data-testid="readiness"]')?.textContent).not.toContain('See a clinician');
  });

  it('keeps days and kits as they are chosen', async () => {
    const { loader, people } = await profileOf('juno');
    const [days, kits] = await loader.getAllHarnesses(MatChipListboxHarness);
    await days!.selectChips({ text: 'Thu' });
    await days!.selectChips({ text: 'Mon' });
    expect(people.person()?.days).toEqual([1, 4]);
    await kits!.selectChips({ text: /Bram/ });
    expect(people.person()?.kitIds).toContain('kit-bram');
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
