import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatCheckboxHarness } from '@angular/material/checkbox/testing';
import { logIndex } from '@dray/core';
import { noteKey } from '@dray/core/late';
import { ViewStore } from '../state/view-store';
import { openedDocuments, until } from '../testing';
import { ChoiceHarness } from '../ui/forms/testing';
import { FloorChoices } from './floor-choices';
import { FloorLog } from './floor-log';
import { FloorStore } from './floor-store';
import { Lanes } from './lane-view';
import { PersonPanel } from './person-panel';
import { QuestionPanel } from './question-panel';
import { ReadyPanel } from './ready-panel';
import { provideFloor } from './testing';

/** The three panels as they stand beside the floor, with its stores. */
@Component({
  imports: [PersonPanel, QuestionPanel, ReadyPanel],
  template: `
    <div id="ready"><dray-ready-panel /></div>
    <div id="question"><dray-question-panel /></div>
    <div id="person">
      @if (lane(); as lane) {
        <dray-person-panel [lane]="lane" (closed)="closed = true" (another)="another = $event" />
      }
    </div>
  `,
  providers: [FloorLog, FloorStore, Lanes],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Host {
  readonly floor = inject(FloorStore);
  readonly lanes = inject(Lanes);
  readonly person = signal('juno');
  readonly lane = computed(() =>
    this.lanes.all().find(({ participant }) => participant.id === this.person()),
  );
  closed = false;
  another = '';
}

describe('The panels of the floor', () => {
  let given: ReturnType<typeof provideFloor>;

  beforeEach(async () => {
    given = provideFloor();
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    TestBed.resetTestingModule();
    given.db.close();
  });

  async function opened() {
    const fixture = TestBed.createComponent(Host);
    const host = fixture.nativeElement as HTMLElement;
    const { floor, lanes, person } = fixture.componentInstance;
    await until(() => floor.opened() && floor.leads());
    const loader = (of: string) => TestbedHarnessEnvironment.loader(fixture).getChildLoader(`#${of}`);
    const press = async (of: string, text: string | RegExp) =>
      (await (await loader(of)).getHarness(MatButtonHarness.with({ text }))).click();
    const buttons = async (of: string) =>
      Promise.all(
        (await (await loader(of)).getAllHarnesses(MatButtonHarness)).map((button) => button.getText()),
      );
    const words = (of: string) => host.querySelector(`#${of}`)!.textContent.replace(/\s+/g, ' ').trim();
    const amount = () => host.querySelector('[data-testid=floor-amount]')?.textContent;
    const lane = (id: string) => lanes.all().find(({ participant }) => participant.id === id)!;
    /** On to where a slot is done, or to the rest after its block. */
    const onTo = (there: () => boolean) => {
      for (let steps = 0; steps < 99 && !there(); steps += 1) floor.send({ kind: 'next' });
    };
    const working = (slotId: string) => () => {
      const run = floor.run();
      return run?.phase === 'work' && run.turns[run.at]?.slotId === slotId;
    };
    const noteOf = (id: string) => {
      const run = floor.run()!;
      const turn = run.turns[run.at]!;
      return run.notes[noteKey(turn.id, id)];
    };
    return { fixture, floor, loader, press, buttons, words, amount, lane, person, onTo, working, noteOf };
  }

  describe('before it begins', () => {
    it('names who is here, lets some of them stay away, and begins with the others', async () => {
      const { floor, loader, press } = await opened();
      const boxes = await (await loader('ready')).getAllHarnesses(MatCheckboxHarness);
      const labels = await Promise.all(boxes.map((box) => box.getLabelText()));
      expect(labels.slice(0, 6)).toEqual(['Bram', 'Odile', 'Tamsin', 'Anselm', 'Juno', 'Wendel']);
      await boxes[1]!.uncheck();
      await press('ready', 'Begin the class');
      await until(() => floor.run()?.status === 'going');
      const here = Object.entries(floor.run()!.lanes).flatMap(([id, own]) => (own.here ? [id] : []));
      expect(here).toEqual(['bram', 'tamsin', 'anselm', 'juno', 'wendel']);
    });

    it('does not begin with nobody', async () => {
      const { loader } = await opened();
      const ready = await loader('ready');
      const button = await ready.getHarness(MatButtonHarness.with({ text: 'Begin the class' }));
      for (const box of (await ready.getAllHarnesses(MatCheckboxHarness)).slice(0, 6)) await box.uncheck();
      expect(await button.isDisabled()).toBeTrue();
    });

    it('keeps how the coach runs a class on this device', async () => {
      const { fixture, loader } = await opened();
      const ready = await loader('ready');
      await (await ready.getHarness(ChoiceHarness.with({ named: 'water' }))).choose('every 20 min');
      await (await ready.getHarness(ChoiceHarness.with({ named: 'space or a touch is' }))).choose('a pause');
      await (await ready.getHarness(MatCheckboxHarness.with({ label: 'Signals' }))).uncheck();
      // What is not heard has no loudness.
      expect(await ready.getAllHarnesses(ChoiceHarness.with({ named: 'loudness' }))).toEqual([]);
      const kept = { touch: 'pause', waterMinutes: 20, sounds: false, voice: true, volume: 8 } as const;
      expect(TestBed.inject(FloorChoices).all()).toEqual(kept);
      await until(async () =>
        (await given.db.device.toArray()).some(
          ({ id, value }) => id === 'floor choices' && JSON.stringify(value) === JSON.stringify(kept),
        ),
      );
      fixture.destroy();
    });

    it('says how long it takes, and longer at a slower pace', async () => {
      const { loader, words } = await opened();
      const minutes = () => Number(/about (\d+) min/.exec(words('ready'))?.[1]);
      const pace = await (await loader('ready')).getHarness(ChoiceHarness.with({ named: 'pace' }));
      await pace.choose('led, somebody counts');
      const led = minutes();
      await pace.choose('slow strength work');
      expect(led).toBeGreaterThan(5);
      expect(minutes()).toBeGreaterThan(led);
    });
  });

  describe('of one person', () => {
    async function squatting() {
      const all = await opened();
      await all.floor.begin();
      all.onTo(all.working('tue-squat'));
      await all.fixture.whenStable();
      return all;
    }

    it('counts up and down from what was asked, and never below nothing', async () => {
      const { press, amount, lane, noteOf, loader } = await squatting();
      const asked = Number(/^\d+/.exec(lane('juno').work)?.[0]);
      expect(Number(amount())).toBe(asked);
      const fewer = await (
        await loader('person')
      ).getHarness(MatButtonHarness.with({ selector: '[aria-label="One fewer"]' }));
      await fewer.click();
      await fewer.click();
      expect([Number(amount()), noteOf('juno')?.amount]).toEqual([asked - 2, asked - 2]);
      for (let times = 0; times < asked + 3; times += 1) await fewer.click();
      expect(Number(amount())).toBe(0);
      await press('person', '+');
      expect(Number(amount())).toBe(1);
    });

    it('takes one remark in place of another, and shows which stands', async () => {
      const { press, loader, noteOf, lane } = await squatting();
      const pressed = async () => {
        const all = await (
          await loader('person')
        ).getAllHarnesses(MatButtonHarness.with({ selector: '[aria-pressed=true]' }));
        return Promise.all(all.map((button) => button.getText()));
      };
      await press('person', 'too heavy');
      expect([await pressed(), noteOf('juno')?.left]).toEqual([['too heavy'], 'nothing']);
      expect(lane('juno').said).toContain('too heavy');
      await press('person', 'some left');
      expect(noteOf('juno')?.left).toBe('some');
      await press('person', 'left out');
      expect(noteOf('juno')?.leftOut).toBeTrue();
      expect(lane('juno').said).toBe('left out');
    });

    it('asks where it hurts and how much, and stops what bears on it', async () => {
      const { press, words, floor, buttons } = await squatting();
      await press('person', 'Pain …');
      await press('person', 'knee');
      expect(words('person')).toContain('knee: how much, of 10?');
      // Until it is said how much nothing is written down.
      expect(floor.run()!.lanes['juno']!.stopped).toEqual([]);
      await press('person', '4');
      expect(floor.run()!.lanes['juno']!.stopped).toContain('tue-squat');
      expect(words('person')).toContain('Stopped for today: pain.');
      expect(words('person')).not.toContain('pressure or pain in the chest');
      expect(await buttons('person')).toContain('Pain …');
    });

    it('stops everything at once where it may be the heart, before any number', async () => {
      const { floor, press, words } = await squatting();
      await press('person', 'Pain …');
      await press('person', 'chest, arm or jaw');
      expect(floor.run()!.lanes['juno']!.stopped).toBe('everything');
      expect(words('person')).toContain('It is written down as 10 until you say.');
      expect(words('person')).toContain('pressure or pain in the chest');
      await press('person', '6');
      expect(floor.run()!.lanes['juno']!.stopped).toBe('everything');
    });

    it('begins anew with another person: nobody is given what was begun for somebody else', async () => {
      const { fixture, press, person, words, floor } = await squatting();
      await press('person', 'Pain …');
      await press('person', 'knee');
      person.set('bram');
      await fixture.whenStable();
      expect(words('person')).not.toContain('how much, of 10?');
      expect(words('person')).toContain('Pain …');
      expect(floor.run()!.lanes['bram']!.stopped).toEqual([]);
    });

    it('lets somebody go home, come back, and do something else', async () => {
      const { fixture, floor, press } = await squatting();
      await press('person', /Goes home/);
      expect(floor.run()!.lanes['juno']!.here).toBeFalse();
      await press('person', /Is here/);
      expect(floor.run()!.lanes['juno']!.here).toBeTrue();
      await press('person', /Another exercise/);
      expect(fixture.componentInstance.another).toBe('tue-squat');
      await press('person', 'Back');
      expect(fixture.componentInstance.closed).toBeTrue();
    });
  });

  describe('after a block', () => {
    async function rested() {
      const all = await opened();
      await all.floor.begin();
      all.onTo(all.working('tue-squat'));
      all.onTo(() => all.words('question').includes('Anything left?') || asksAfter(all.floor));
      await all.fixture.whenStable();
      return all;
    }
    /** The block of the squat is over and the next has not begun. */
    const asksAfter = (floor: InstanceType<typeof FloorStore>) => {
      const run = floor.run()!;
      const last = run.ended.at(-1)?.turn;
      const next = run.turns[run.at];
      const trained = run.ended.some(({ turn }) => turn.slotId === 'tue-squat');
      return trained && run.phase === 'gap' && last?.blockId !== next?.blockId;
    };

    it('asks what was left of each slot in its turn, one touch a person', async () => {
      const { floor, fixture, press, words, loader } = await rested();
      expect(words('question')).toContain('Anything left?');
      const first = words('question');
      const groups = fixture.nativeElement as HTMLElement;
      expect(groups.querySelectorAll('#question [role=group]').length).toBe(6);
      const nothing = await (
        await loader('question')
      ).getAllHarnesses(MatButtonHarness.with({ text: 'nothing' }));
      await nothing[0]!.click();
      const [noted] = Object.entries(floor.run()!.notes).filter(([, note]) => note.left === 'nothing');
      expect(noted?.[0]).toContain('bram');
      await press('question', 'On');
      // The next slot of the block, or nothing more to ask.
      expect(words('question')).not.toBe(first);
    });

    it('brings what is answered into the log', async () => {
      const { floor, loader } = await rested();
      const documents = await openedDocuments();
      const asked = (
        await (await loader('question')).getAllHarnesses(MatButtonHarness.with({ text: 'some' }))
      )[0]!;
      await asked.click();
      const [key] = Object.entries(floor.run()!.notes).find(([, note]) => note.left === 'some')!;
      const slotId = key.slice(0, key.lastIndexOf('.'));
      await until(() =>
        logIndex(documents.document()!.log)
          .ofCell('bram', slotId)
          .some(({ left }) => left === 'some'),
      );
      // Of the last set alone: what was left of the others nobody said.
      const sets = logIndex(documents.document()!.log).ofCell('bram', slotId);
      expect(sets.filter(({ left }) => left !== undefined).map(({ set }) => set)).toEqual([sets.length]);
    });

    it('can be left unanswered', async () => {
      const { floor, press, words } = await rested();
      for (let asks = 0; asks < 9 && words('question') !== ''; asks += 1) await press('question', 'On');
      expect(words('question')).toBe('');
      expect(Object.values(floor.run()!.notes)).toEqual([]);
    });
  });
});
