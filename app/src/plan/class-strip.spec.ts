import { TestBed } from '@angular/core/testing';
import type { Cell, ReadyCell } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, putIn } from '../testing';
import { ClassStrip } from './class-strip';
import type { ClassVersion } from './class-versions';

describe('ClassStrip', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  /** What a slot comes to for each of the class. */
  const versions = (slotId: string): ClassVersion[] => {
    const { columns, rows } = TestBed.inject(ViewStore).board()!;
    const at = columns.findIndex(({ slot }) => slot.id === slotId);
    return rows.map(({ participant, cells }) => ({
      name: participant.name,
      cell: cells[at] as Exclude<Cell, { status: 'empty' }>,
    }));
  };

  async function strip(of: readonly ClassVersion[], onlyGaps = false) {
    const fixture = TestBed.createComponent(ClassStrip);
    fixture.componentRef.setInput('versions', of);
    fixture.componentRef.setInput('onlyGaps', onlyGaps);
    await fixture.whenStable();
    const shares = [...(fixture.nativeElement as HTMLElement).querySelectorAll('small')];
    return shares.map((share) => ({
      words: share.textContent.trim(),
      marks: share.querySelectorAll('mat-icon').length,
      loud: share.classList.contains('strong'),
    }));
  }

  it('counts everybody once, under the version they get', async () => {
    const all = versions('tue-squat');
    const shares = await strip(all);
    expect(shares.reduce((sum, { marks }) => sum + marks, 0)).toBe(all.length);
    const juno = all.find(({ name }) => name === 'Juno')!.cell as ReadyCell;
    expect(shares.some(({ words }) => words.includes(juno.version.name))).toBeTrue();
  });

  it('names who does something else instead, and puts them behind those who do their own', async () => {
    const documents = await openedDocuments();
    putIn(documents, 'tue-squat', 'goblet-squat');
    const shares = await strip(versions('tue-squat'));
    const instead = shares.findIndex(
      ({ words }) => words.startsWith('Wendel: ') || words.includes('Wendel, '),
    );
    expect(instead).toBeGreaterThan(0);
    expect(shares[0]!.words).not.toContain(':');
  });

  it('has who gets nothing first and loud, also where only that is to be seen', async () => {
    const documents = await openedDocuments();
    documents.edit('by hand', (document) => ({
      ...document,
      overrides: [
        {
          id: 'o',
          participantId: 'bram',
          slotId: 'tue-squat',
          fromWeek: 1,
          leaveOut: true,
          reason: 'elbow',
        },
      ],
    }));
    const [first] = await strip(versions('tue-squat'));
    expect([first?.words.startsWith('Bram: '), first?.loud]).toEqual([true, true]);
    const only = await strip(versions('tue-squat'), true);
    expect(only.map(({ words }) => words)).toEqual([first!.words]);
    documents.undo();
    expect(await strip(versions('tue-squat'), true)).toEqual([]);
  });
});
