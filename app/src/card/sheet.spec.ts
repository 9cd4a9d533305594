import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { editEachTier, editSlot, type Condition, type LogEntry, type ReadyCell } from '@dray/core';
import { readResults, sheetToText } from '@dray/core/late';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { giveCautions, openedDocuments, provideFreshBrowser, putIn } from '../testing';
import { Sheet } from './sheet';
import { homeSheetOf, sheetFile, Sheets, type SheetLine, type SheetView } from './sheet-view';

describe('a person’s sheet', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
  });

  afterEach(() => {
    db.close();
  });

  async function opened() {
    const documents = await openedDocuments();
    const view = TestBed.inject(ViewStore);
    view.showSession('tuesday');
    view.showWeek(1);
    const sheets = TestBed.inject(Sheets);
    const of = (id: string): SheetView => sheets.of(id)!;
    const line = (id: string, slotId: string): SheetLine =>
      of(id)
        .blocks.flatMap(({ lines }) => lines)
        .find(({ cell }) => cell.slotId === slotId)!;
    const has = (id: string, ...conditions: Condition[]) => {
      giveCautions(documents, id, ...conditions);
    };
    return { documents, view, of, line, has };
  }

  /** A set that Juno did in the first week. */
  const juno = ({ cell }: SheetLine, set: number, amount: number): LogEntry => ({
    id: `set-${set}`,
    participantId: 'juno',
    sessionId: 'tuesday',
    slotId: cell.slotId,
    week: 1,
    date: '2026-10-27',
    exerciseId: cell.status === 'ready' ? cell.version.exercise.id : '',
    set,
    counted: 'reps',
    amount,
  });

  it('says the exercise with its version, how the load is made, and when to stop', async () => {
    const { line } = await opened();
    const row = line('odile', 'tue-row');
    expect(row.name).toBe('Single-arm row, one arm');
    expect(row.work).toBe('3 × 10 each side, stop with 3 left');
    expect(row.boxes.map(({ asked }) => asked)).toEqual(['10 · 10', '10 · 10', '10 · 10']);
    expect(line('bram', 'tue-press').name).toBe('Decline push-up, feet raised');
  });

  it('draws who has to hold on with a hand on something', async () => {
    const { documents, line, has } = await opened();
    putIn(documents, 'tue-squat', 'heel-raise');
    expect(line('bram', 'tue-squat').drawn?.holdingOn).toBeUndefined();
    has('bram', 'fallRisk');
    expect(line('bram', 'tue-squat').name).toContain('holding on');
    expect(line('bram', 'tue-squat').drawn?.exercise.id).toBe('heel-raise');
    expect(line('bram', 'tue-squat').drawn?.holdingOn).toBeTrue();
  });

  it('has no word of the coach’s trade on it', async () => {
    const { of } = await opened();
    for (const id of ['bram', 'odile', 'tamsin', 'anselm', 'juno', 'wendel']) {
      const words = of(id).blocks.flatMap(({ lines }) =>
        lines.flatMap(({ notes }) => notes.map((note) => note.words)),
      );
      expect(words.join('\n'))
        .withContext(id)
        .not.toMatch(/substitute|at the gate|gate is|by hand|range full/);
    }
  });

  it('speaks of a caution by what it changed here, and says that nothing is against it only where that is so', async () => {
    const { of, has } = await opened();
    has('bram', 'soreKnee');
    const adapted = of('bram').cautions.find(({ condition }) => condition === 'sore knee')!;
    expect(adapted.words.length).toBeGreaterThan(0);
    const acted = of('bram')
      .blocks.flatMap(({ lines }) => lines)
      .some(({ cell }) => cell.trace.some(({ kind }) => kind === 'cautioned' || kind === 'blocked'));
    expect(acted).toBeTrue();
    // Whatever the condition: silence only where no cell was touched by it.
    for (const condition of ['shoulder', 'neck', 'wrist', 'hip', 'lowBack', 'fallRisk'] as Condition[]) {
      has('bram', condition);
      const [said] = of('bram').cautions;
      const touched = of('bram')
        .blocks.flatMap(({ lines }) => lines)
        .some(({ cell }) =>
          cell.trace.some(
            (reason) =>
              (reason.kind === 'cautioned' || reason.kind === 'blocked') &&
              reason.rule.condition === condition,
          ),
        );
      expect((said?.words.length ?? 0) > 0)
        .withContext(condition)
        .toBe(touched || cellWarns(of('bram'), condition));
    }
  });

  it('adds nothing for a day on which a caution acts, and always has a way down', async () => {
    const { of, has } = await opened();
    has('tamsin', 'soreKnee');
    const squat = of('tamsin')
      .blocks.flatMap(({ lines }) => lines)
      .find(({ cell }) => cell.slotId === 'tue-squat')!;
    expect(squat.harder).toBe('');
    expect(squat.easier).not.toBe('');
  });

  it('asks for what is to be left on a day with more in it, too', async () => {
    const { of } = await opened();
    const lines = ['bram', 'juno', 'odile'].flatMap((id) => of(id).blocks.flatMap(({ lines }) => lines));
    const more = lines.filter(({ harder }) => /in each set/.test(harder));
    const counted = more.filter(({ cell }) => cell.status === 'ready' && (cell.work.reserve ?? 0) > 0);
    expect(counted.length).toBeGreaterThan(0);
    for (const { harder, name } of counted)
      expect(harder)
        .withContext(name)
        .toMatch(/still with \d left$/);
  });

  it('fills its boxes with what was done', async () => {
    const { documents, line } = await opened();
    await documents.record('a set', [juno(line('juno', 'tue-squat'), 2, 7)]);
    expect(line('juno', 'tue-squat').boxes.map(({ done }) => done)).toEqual(['', '7', '']);
  });

  it('says what there is to beat, where as many as possible are asked', async () => {
    const { documents, view, line } = await opened();
    documents.edit('as many as possible', (document) => ({
      ...document,
      sessions: document.sessions.map((session) =>
        editSlot(session, 'tue-squat', (slot) =>
          editEachTier(slot, (one) => ({ ...one, work: { kind: 'most' } })),
        ),
      ),
    }));
    const squat = () => line('juno', 'tue-squat');
    expect([squat().work, squat().how]).toEqual(['3 × max, stop with 2 left', '']);
    await documents.record('two sets', [juno(squat(), 1, 12), juno(squat(), 2, 9)]);
    view.showWeek(2);
    expect([squat().work, squat().how]).toEqual(['3 × max, stop with 2 left', 'last time 12, 9']);
  });

  it('stops everything where a sign says so, on screen and in what leaves for home', async () => {
    const { of, view, documents } = await opened();
    documents.edit('stop', (document) => ({
      ...document,
      log: [
        ...document.log,
        {
          id: 'chest',
          participantId: 'juno',
          sessionId: 'tuesday',
          slotId: 'tue-squat',
          week: 1,
          date: '2026-10-27',
          exerciseId: 'goblet-squat',
          set: 1,
          counted: 'reps' as const,
          amount: 3,
          pain: { place: 'chest', score: 6 },
        },
      ],
    }));
    view.showWeek(2);
    expect(of('juno').stopped?.why).toContain('chest');
    const home = homeSheetOf(of('juno'), { sessionId: 'tuesday', week: 2, nth: 1 }, '2026-11-03');
    expect(home.lines).toEqual([]);
    expect(home.said[0]).toContain('chest');
    const fixture = TestBed.createComponent(Sheet);
    fixture.componentRef.setInput('participantId', 'juno');
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    expect(host.querySelector('[data-testid="stopped"]')?.textContent).toContain('Stop');
    expect(host.querySelector('.boxes')).toBeNull();
  });

  it('says what is more than last week beside what it is more of, never reps beside a load', async () => {
    const { view, line } = await opened();
    view.showWeek(2);
    const written = async (id: string, slotId: string) => {
      const fixture = TestBed.createComponent(Sheet);
      fixture.componentRef.setInput('participantId', id);
      await fixture.whenStable();
      const host = fixture.nativeElement as HTMLElement;
      const own = [...host.querySelectorAll('.line')].find((one) =>
        one.querySelector('h3')?.textContent.includes(line(id, slotId).name),
      )!;
      const text = (part: string) => own.querySelector(part)!.textContent.replace(/\s+/g, ' ').trim();
      return { load: text('.do'), work: text('.work') };
    };
    const { change, load } = line('tamsin', 'tue-squat').cell as ReadyCell;
    expect([change?.kg, change?.amount, load?.kg]).toEqual([0, 2, 10]);
    const reps = await written('tamsin', 'tue-squat');
    expect(reps.load).toBe('10 kg dumbbell 10 kg');
    expect(reps.work).toContain('stop with 2 left +2 reps');
    const seconds = await written('tamsin', 'tue-plank');
    expect(seconds.work).toContain('+5 s');
    const grows = () => (line('bram', 'tue-squat').cell as ReadyCell).change!.kg > 0;
    for (let week = 3; !grows() && week <= 7; week += 1) view.showWeek(week);
    const heavier = await written('bram', 'tue-squat');
    expect(heavier.load).toMatch(/^2 × [\d.]+ kg \+[\d.]+ kg each two handles/);
    expect(heavier.work).not.toContain('+');
  });

  it('leaves as a message in plain words and comes back with what was done', async () => {
    const { of } = await opened();
    const home = homeSheetOf(of('odile'), { sessionId: 'tuesday', week: 1, nth: 1 }, '2026-10-27');
    expect(sheetFile(of('odile').card.participant, home.date)).toBe('odile-2026-10-27.dray-sheet.json');
    const text = sheetToText(home, 'Tue 27 October');
    expect(text).toContain('Odile · Tuesday, whole body · Tue 27 October');
    expect(text).toContain('A2 Single-arm row, one arm');
    expect(text).toContain('low bone density');
    expect(text).toContain('Alone at home: stop at once, and call for help.');
    expect(text).toContain('ask a doctor or physiotherapist');
    expect(readResults(text.replace('done:', 'done: 12 12 12'))).toEqual({
      ok: true,
      results: [{ letter: 'A1', done: '12 12 12' }],
    });
  });
});

function cellWarns({ card }: SheetView, condition: Condition): boolean {
  return card.cells.some(({ warnings }) => warnings.some((warning) => warning.condition === condition));
}
