import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { fitToTime, type Pairing } from '@dray/core/late';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { ChoiceHarness } from '../ui/forms/testing';
import { ASK_COMPOSE, type AskCompose, type ComposeAnswers } from '../workers/compose';
import { PlanStore } from './plan-store';
import { SessionRail } from './session-rail';

const FOUND: readonly Pairing[] = [
  { slotIds: ['tue-press', 'tue-hinge'], savedSeconds: 80, worth: 80, against: [] },
  { slotIds: ['tue-press', 'tue-plank'], savedSeconds: 60, worth: 40, against: ['both load the trunk'] },
];

describe('SessionRail', () => {
  let db: DrayDb;
  let fails: boolean;

  beforeEach(async () => {
    db = provideFreshBrowser();
    fails = false;
    const ask: AskCompose = (kind, { session, tier }) => {
      if (fails) return Promise.reject(new Error('it stopped working'));
      const { catalog } = TestBed.inject(ViewStore);
      const fit = () => fitToTime(session, session.budgetMinutes, { tier, catalog: catalog() });
      return Promise.resolve((kind === 'fit' ? fit() : FOUND) as ComposeAnswers[typeof kind]);
    };
    TestBed.configureTestingModule({ providers: [PlanStore, { provide: ASK_COMPOSE, useValue: ask }] });
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  async function rail() {
    const fixture = TestBed.createComponent(SessionRail);
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const press = async (text: string | RegExp) =>
      (await loader.getHarness(MatButtonHarness.with({ text }))).click();
    const remarks = () => host.querySelector('[data-testid="remarks"]')!.textContent.replace(/\s+/g, ' ');
    const words = () => host.textContent.replace(/\s+/g, ' ');
    /** What a shorter session would leave out, in steps. */
    const steps = () => [...host.querySelectorAll<HTMLButtonElement>('.step button')];
    const plan = TestBed.inject(PlanStore);
    const slot = (id: string) =>
      plan.view
        .session()!
        .blocks.flatMap(({ slots }) => slots)
        .find((own) => own.id === id)!;
    return { fixture, host, loader, press, remarks, words, steps, plan, slot };
  }

  it('mends what a colleague remarks with one press, and waves the rest away', async () => {
    const { press, remarks, slot, plan } = await rail();
    expect(remarks()).toContain('a long strain for Anselm');
    await press('hold 20 s, one set more');
    expect(remarks()).not.toContain('a long strain');
    const { work, sets } = slot('tue-plank').prescriptions.intermediate;
    expect([work, sets]).toEqual([{ kind: 'hold', seconds: 20 }, 4]);
    while (!remarks().includes('nothing to say')) await press('Keep as written');
    expect(plan.view.session()!.dismissed).toEqual(['upAndDown']);
  });

  it('makes a session fit a short evening, one step after the other, and says what each costs', async () => {
    const { fixture, host, words, steps, plan } = await rail();
    expect(words()).not.toContain('It would fit with');
    plan.setBudget(27);
    await until(() => words().includes('It would fit with:'));
    const over = () => [...host.querySelectorAll('b.over')].map((clock) => clock.textContent);
    expect(over().length).toBeGreaterThan(0);
    expect(host.querySelector('.step small')!.textContent).toMatch(/−\d|costs no sets/);
    while (words().includes('It would fit with:')) {
      steps()[0]!.click();
      await fixture.whenStable();
    }
    expect(over()).toEqual([]);
  });

  it('names what goes together, what speaks against it, and makes a superset of it', async () => {
    const { press, words, slot, plan } = await rail();
    await press('Which go together?');
    await until(() => words().includes('Push-up with Hinge'));
    expect(words()).toContain('saves 60 s, though both load the trunk');
    await press('Push-up with Hinge');
    const together = plan.view.session()!.blocks.find(({ slots }) => slots.includes(slot('tue-hinge')));
    expect(together?.kind).toBe('superset');
    expect(together?.slots.map(({ id }) => id)).toEqual(['tue-press', 'tue-hinge']);
  });

  it('says that it could not be worked out, and answers when it is asked again', async () => {
    const { press, words } = await rail();
    fails = true;
    await press('Which go together?');
    await until(() => words().includes('This could not be worked out: it stopped working'));
    fails = false;
    await press('Which go together?');
    await until(() => words().includes('Push-up with Hinge'));
    expect(words()).not.toContain('could not be worked out');
  });

  it('looks at the session with what it is for in mind', async () => {
    const { loader, remarks, plan } = await rail();
    await (
      await loader.getHarness(ChoiceHarness.with({ named: 'What the session is for' }))
    ).choose('upper body, pulling');
    expect(plan.view.session()!.focus).toBe('upperPull');
    expect(remarks()).toContain('Upper body, pulling means biceps: 1.5 sets so far.');
  });
});
