import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { catalogOf } from '@dray/core';
import { formatSession, parseSession } from '@dray/core/late';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { LONG_TEXT } from '../state/text-reading';
import { ViewStore } from '../state/view-store';
import { READ_SESSION, type ReadQuestion, type ReadSession } from '../workers/read-session';
import { PlanStore } from './plan-store';
import { SessionTextView } from './session-text-view';

describe('SessionTextView', () => {
  let db: DrayDb;
  let fixture: ComponentFixture<SessionTextView>;
  let area: HTMLTextAreaElement;
  /** A long text on its way, held until the test lets it arrive. */
  let far: {
    question: ReadQuestion;
    abort: AbortSignal;
    tell: (share: number) => void;
    come: () => void;
    fail: (why: string) => void;
  }[];

  beforeEach(async () => {
    db = provideFreshBrowser();
    far = [];
    const readSession: ReadSession = (question, abort, tell) =>
      new Promise((resolve, reject) => {
        const { text, base, unit, own } = question;
        const come = () => {
          resolve(parseSession(text, catalogOf(own), { base, unit, newId: () => crypto.randomUUID() }));
        };
        const fail = (why: string) => {
          reject(new Error(why));
        };
        far.push({ question, abort, tell, come, fail });
      });
    TestBed.configureTestingModule({
      providers: [PlanStore, provideRouter([]), { provide: READ_SESSION, useValue: readSession }],
    });
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
    fixture = TestBed.createComponent(SessionTextView);
    await fixture.whenStable();
    area = (fixture.nativeElement as HTMLElement).querySelector('textarea')!;
  });

  afterEach(() => {
    db.close();
  });

  async function type(text: string, caret = text.length): Promise<void> {
    area.value = text;
    area.setSelectionRange(caret, caret);
    area.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  }

  /** The session as it stands, whatever is being typed. */
  function formatted(): string {
    const { view } = TestBed.inject(PlanStore);
    return formatSession(view.session()!, view.catalog(), view.unit());
  }

  const page = () => (fixture.nativeElement as HTMLElement).textContent.replace(/\s+/g, ' ');
  const slotIds = () =>
    TestBed.inject(PlanStore)
      .slots()
      .map(({ id }) => id);

  it('counts at once what can be read, and keeps every exercise the same through a line half gone', async () => {
    const text = area.value;
    const before = slotIds();
    await type(text.replace(/- Push-up:[^\n]*\n/, ''));
    expect(slotIds()).not.toContain('tue-press');
    await type(text);
    expect(slotIds()).toEqual(before);
  });

  it('keeps what was set by hand on an exercise that was gone only while typing', async () => {
    const { documents } = TestBed.inject(PlanStore);
    documents.edit('by hand', (document) => ({
      ...document,
      overrides: [
        { participantId: 'bram', slotId: 'tue-press', id: 'own', fromWeek: 1, sets: 5, reason: 'feels well' },
      ],
    }));
    const text = area.value;
    await type(text.replace(/- Push-up:[^\n]*\n/, ''));
    await type(text);
    area.dispatchEvent(new Event('blur'));
    expect(documents.document()?.overrides.length).toBe(1);
    await type(text.replace(/- Push-up:[^\n]*\n/, ''));
    area.dispatchEvent(new Event('blur'));
    expect(documents.document()?.overrides.length).toBe(0);
  });

  it('points at what it cannot read, and shows it again when it is opened again', async () => {
    const before = slotIds();
    await type(area.value.replace('- Push-up:', '- Goblotty squat:'));
    expect(page()).toMatch(/line \d+/);
    expect(page()).toContain('the session stays as it was until then');
    expect(page()).toContain('Did you mean “Goblet squat”?');
    expect(slotIds()).toEqual(before);
    const again = TestBed.createComponent(SessionTextView);
    await again.whenStable();
    expect((again.nativeElement as HTMLElement).querySelector('textarea')?.value).toContain('Goblotty squat');
  });

  it('keeps how an exercise grows through lines that cannot be read yet, and through letters that are wrong', async () => {
    const { documents } = TestBed.inject(PlanStore);
    const scheme = { kind: 'twoForTwo' as const, capPercent: 10 };
    documents.edit('grow', (document) => ({
      ...document,
      sessions: document.sessions.map((session) => ({
        ...session,
        blocks: session.blocks.map((block) => ({
          ...block,
          slots: block.slots.map((slot) => (slot.id === 'tue-press' ? { ...slot, scheme } : slot)),
        })),
      })),
    }));
    await fixture.whenStable();
    const before = slotIds();
    const text = area.value;
    await type(text.replace('- Push-up:', '- Hoverboard:').replace('- Row:', '- Goblotty row:'));
    expect(page()).toContain('2 places to settle; the session stays as it was until then');
    area.dispatchEvent(new Event('blur'));
    await type(text.replace('- Push-up:', '- Pusj-up:').replace('- Plank:', '- Plnak:'));
    area.dispatchEvent(new Event('blur'));
    await fixture.whenStable();
    expect(slotIds()).toEqual(before);
    const slots = TestBed.inject(PlanStore).slots();
    expect(slots.find(({ id }) => id === 'tue-press')?.scheme).toEqual(scheme);
    // Back to how it is written, for the same ladder.
    expect(area.value).toBe(text);
  });

  it('lets what can be read stand while two lines are settled one by one', async () => {
    TestBed.inject(ViewStore).showSession('empty');
    const { documents } = TestBed.inject(PlanStore);
    documents.edit('empty session', (document) => ({
      ...document,
      sessions: [...document.sessions, { id: 'empty', name: 'Empty', budgetMinutes: 30, blocks: [] }],
    }));
    await fixture.whenStable();
    await type('superset\ngoblotty squat 3x10\nrows 3x10\nhoverboard 3x12\ncurls 3x12');
    expect(page()).toContain('2 places to settle; the rest already stands.');
    expect(slotIds().length).toBe(2);
    const button = (name: string) =>
      [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')].find(
        ({ textContent }) => textContent.trim() === name,
      );
    button('Goblet squat')!.click();
    await fixture.whenStable();
    expect(area.value).toContain('Goblet squat 3x10');
    expect(page()).toContain('1 place to settle');
    expect(slotIds().length).toBe(3);
    const own = (fixture.nativeElement as HTMLElement).querySelector('a[href*="write=hoverboard"]');
    expect(own?.textContent).toContain('exercise of your own');
    // A document that is closed now opens with the line still to settle, and loses nothing.
    area.dispatchEvent(new Event('blur'));
    await fixture.whenStable();
    expect(slotIds().length).toBe(3);
    await type(area.value.replace('hoverboard', 'plank'));
    expect(page()).not.toContain('to settle');
    expect(slotIds().length).toBe(4);
  });

  it('offers names and takes the first with Tab', async () => {
    await type('Straight sets\n- gob squ');
    const offers = (fixture.nativeElement as HTMLElement).querySelector('.offers');
    expect(offers?.textContent).toContain('Goblet squat');
    area.dispatchEvent(new KeyboardEvent('keydown', { key: 'Tab' }));
    await fixture.whenStable();
    expect(area.value).toBe('Straight sets\n- Goblet squat');
  });

  it('offers no name for a word that is read as work', async () => {
    await type('Straight sets\nsquat 15, slow');
    expect((fixture.nativeElement as HTMLElement).querySelector('.offers')).toBeNull();
    expect(page()).not.toContain('Slow curl');
  });

  it('selects the exercise whose line the caret stands in', async () => {
    const at = area.value.indexOf('- Hinge');
    area.setSelectionRange(at + 3, at + 3);
    area.dispatchEvent(new Event('click'));
    await fixture.whenStable();
    expect(TestBed.inject(PlanStore).selected()?.id).toBe('tue-hinge');
  });

  describe('with a text longer than a session has letters', () => {
    const padding = '\n'.repeat(LONG_TEXT);
    const button = (name: string) =>
      [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')].find(({ textContent }) =>
        textContent.includes(name),
      );

    /** As `type`, without waiting for what is read elsewhere. */
    function paste(text: string): void {
      area.value = text;
      area.dispatchEvent(new Event('input'));
      TestBed.tick();
    }

    /** What was answered has been taken in and shown. */
    async function heard(): Promise<void> {
      await new Promise((resolve) => setTimeout(resolve));
      await fixture.whenStable();
    }

    it('has it read elsewhere, says how far, and takes it when it comes', async () => {
      const before = area.value;
      paste(before.replace('3 × 8–12', '3 × 9–12') + padding);
      expect(far.length).toBe(1);
      expect(page()).toContain('Reading a long text');
      far[0]!.tell(0.4);
      TestBed.tick();
      const bar = (fixture.nativeElement as HTMLElement).querySelector('mat-progress-bar');
      expect(bar?.getAttribute('aria-valuenow')).toBe('40');
      expect(formatted()).toBe(before);
      // Kept on the disk meanwhile: a tab that dies here has lost nothing.
      expect(TestBed.inject(PlanStore).draftOf('text tuesday')).toContain('3 × 9–12');
      far[0]!.come();
      await heard();
      expect(page()).not.toContain('Reading a long text');
      expect(formatted()).toBe(before.replace('3 × 8–12', '3 × 9–12'));
      expect(TestBed.inject(PlanStore).draftOf('text tuesday')).toBeUndefined();
      expect(far.length).toBe(1);
    });

    it('waits for the hand when it is only opened again with a line to settle', async () => {
      const before = area.value;
      const unknown = before.replace('- Push-up:', '- Hoverboard:').replace('- Plank:', '- Airship:');
      paste(unknown.replace('3 × 8–12', '3 × 9–12') + padding);
      const again = TestBed.createComponent(SessionTextView);
      again.detectChanges();
      fixture.destroy();
      TestBed.tick();
      expect(formatted()).toBe(before);
      far.at(-1)!.come();
      await new Promise((resolve) => setTimeout(resolve));
      await again.whenStable();
      expect((again.nativeElement as HTMLElement).textContent).toContain('2 places to settle');
      expect(formatted()).toBe(before);
    });

    it('can be stopped, and leaves the session as it stood', async () => {
      const before = area.value;
      paste('Straight sets\n- Squat: 3 × 5' + padding);
      button('Stop')!.click();
      await fixture.whenStable();
      expect(far[0]!.abort.aborted).toBeTrue();
      expect(area.value).toBe(before);
      expect(TestBed.inject(PlanStore).draftOf('text tuesday')).toBeUndefined();
    });

    it('reads only the newest of what is typed on', async () => {
      paste(area.value + padding);
      paste(area.value.replace('3 × 8–12', '4 × 8–12'));
      expect(far.map(({ abort }) => abort.aborted)).toEqual([true, false]);
      far[1]!.come();
      await heard();
      expect(formatted()).toContain('4 × 8–12');
    });

    it('says where it could not be read, keeps it, and tries again', async () => {
      const text = area.value.replace('3 × 8–12', '3 × 9–12') + padding;
      paste(text);
      far[0]!.fail('it stopped working');
      await heard();
      expect(page()).toContain('This text could not be read: it stopped working. It is kept.');
      expect(area.value).toBe(text);
      button('Try again')!.click();
      TestBed.tick();
      far[1]!.come();
      await heard();
      expect(formatted()).toContain('3 × 9–12');
    });
  });

  it('shows what undo brought back', async () => {
    const text = area.value;
    await type(text.replace('3 × 8–12', '3 × 9–12'));
    TestBed.inject(PlanStore).documents.undo();
    await fixture.whenStable();
    expect(area.value).toBe(text);
  });
});
