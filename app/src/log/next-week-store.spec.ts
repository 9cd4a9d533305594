import { TestBed } from '@angular/core/testing';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { LogStore } from './log-store';
import { NextWeekStore } from './next-week-store';

describe('NextWeekStore', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    const documents = await openedDocuments();
    // A class that has just begun: its first week is written down as it was asked.
    documents.edit('begin', (document) => ({
      ...document,
      programs: document.programs.map((program) => ({ ...program, startDate: '2026-11-24' })),
    }));
    const log = TestBed.runInInjectionContext(() => new LogStore());
    for (const row of log.rows().keys()) await log.writeRow(row);
  });

  afterEach(() => {
    db.close();
  });

  /** Once everybody’s log is looked through. */
  const store = async () => {
    const sheet = TestBed.runInInjectionContext(() => new NextWeekStore());
    await until(() => sheet.whole());
    return sheet;
  };
  const cellOf = (sheet: Awaited<ReturnType<typeof store>>, person: string, slot: string) => {
    sheet.view.showWeek(2);
    const board = sheet.view.board();
    const at = board?.columns.findIndex((column) => column.slot.id === slot) ?? -1;
    const cell = board?.rows.find(({ participant }) => participant.id === person)?.cells[at];
    sheet.view.showWeek(1);
    return cell?.status === 'ready' ? cell : undefined;
  };

  it('lists the class by kind, and opens with the first that is open', async () => {
    const sheet = await store();
    expect(sheet.reviewed()).toBe(1);
    expect(sheet.lines().length).toBe(36);
    expect(sheet.open()).toBe(36);
    expect(sheet.selected()?.proposal.id).toBe(sheet.lines()[0]!.proposal.id);
    sheet.step(1);
    expect(sheet.selected()?.proposal.id).toBe(sheet.lines()[1]!.proposal.id);
  });

  it('agrees to a changed number, and undo opens it again', async () => {
    const sheet = await store();
    const line = sheet.lines().find(({ proposal }) => proposal.id === 'bram tue-squat 1')!;
    sheet.change(line.proposal.id, { amount: 7 });
    sheet.decide([line.proposal], 'agreed');
    expect<number | undefined>(cellOf(sheet, 'bram', 'tue-squat')?.work.amount).toBe(7);
    expect(sheet.open()).toBe(35);
    sheet.documents.undo();
    expect(sheet.open()).toBe(36);
  });

  it('shows for every line what the board then says', async () => {
    const sheet = await store();
    const lines = sheet.lines();
    sheet.decide(
      lines.map(({ proposal }) => proposal),
      'agreed',
    );
    for (const { proposal } of lines) {
      const { next } = proposal;
      const cell = cellOf(sheet, proposal.participantId!, proposal.slotId);
      if (next?.status !== 'ready') continue;
      const shown = [next.work.sets, next.work.amount, next.load?.kg].map(Number);
      expect([cell?.work.sets, cell?.work.amount, cell?.load?.kg].map(Number)).toEqual(shown);
    }
    expect(sheet.open()).toBe(0);
  });

  it('leaves declined ones at the same numbers, and says which it was', async () => {
    const sheet = await store();
    const line = sheet.lines().find(({ proposal }) => proposal.id === 'bram tue-squat 1')!;
    sheet.decide([line.proposal], 'declined');
    expect<number | undefined>(cellOf(sheet, 'bram', 'tue-squat')?.work.amount).toBe(
      line.proposal.same.amount!,
    );
    const after = sheet.lines().find(({ proposal }) => proposal.id === line.proposal.id);
    expect(after?.state).toBe('declined');
    sheet.undecide(line.proposal);
    expect(sheet.open()).toBe(36);
  });
});
