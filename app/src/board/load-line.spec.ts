import { TestBed } from '@angular/core/testing';
import type { CellLoad, MassUnit, ReadyCell } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { LoadLine } from './load-line';

describe('LoadLine', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  const cells = (id: string) =>
    TestBed.inject(ViewStore)
      .board()!
      .rows.find(({ participant }) => participant.id === id)!
      .cells.filter((own): own is ReadyCell => own.status === 'ready' && own.load !== undefined);

  async function lineOf(cell: ReadyCell, load: CellLoad, unit: MassUnit = 'kg') {
    const fixture = TestBed.createComponent(LoadLine);
    fixture.componentRef.setInput('cell', cell);
    fixture.componentRef.setInput('load', load);
    fixture.componentRef.setInput('unit', unit);
    await fixture.whenStable();
    const svg = (fixture.nativeElement as HTMLElement).querySelector('svg')!;
    const texts = [...svg.querySelectorAll('text')].map(({ textContent }) => textContent.trim());
    const number = (selector: string, name: string) =>
      Number(svg.querySelector(selector)?.getAttribute(name));
    const ticks = [...(svg.querySelector('.ticks')?.getAttribute('d') ?? '').matchAll(/M(\d+) 24v12/g)];
    return {
      svg,
      texts,
      taken: number('circle', 'cx'),
      ticks: ticks.map(([, x]) => Number(x)),
      label: svg.getAttribute('aria-label') ?? '',
    };
  }

  it('has the load that was taken among those the kit can make, and all of them on the paper', async () => {
    for (const id of ['bram', 'tamsin', 'juno']) {
      for (const cell of cells(id)) {
        const { taken, ticks, label } = await lineOf(cell, cell.load!);
        expect(ticks).withContext(`${id}, ${cell.slotId}`).toContain(taken);
        expect(Math.min(...ticks)).toBeGreaterThanOrEqual(0);
        expect(Math.max(...ticks)).toBeLessThanOrEqual(250);
        expect(label).toContain(`of ${ticks.length} loads near it`);
      }
    }
  });

  it('says of a pair what is in each hand, at the dot and at both ends', async () => {
    const cell = cells('bram').find(({ load }) => load?.hold === 'pair')!;
    const { texts } = await lineOf(cell, cell.load!);
    expect(texts[0]).toBe(`2 × ${cell.load!.kg / 2}`);
    const ends = texts.slice(-2).map(Number);
    expect(ends[0]).toBeLessThan(cell.load!.kg / 2);
    expect(ends[1]).toBeGreaterThan(cell.load!.kg / 2);
  });

  it('points at what was wanted where the kit has not got it, on the side where there is room', async () => {
    const cell = cells('juno')[0]!;
    const more = { ...cell, wantedKg: cell.load!.kg * 1.3 };
    const less = { ...cell, wantedKg: cell.load!.kg * 0.75 };
    for (const [own, anchor] of [
      [more, 'end'],
      [less, 'start'],
    ] as const) {
      const { svg, texts } = await lineOf(own, cell.load!);
      expect(texts.some((text) => text.startsWith('wanted '))).toBeTrue();
      expect(svg.querySelector('text.wanted')?.getAttribute('text-anchor')).toBe(anchor);
    }
    const { wantedKg: _, ...none } = cell;
    const { svg } = await lineOf(none as ReadyCell, cell.load!);
    expect(svg.querySelector('text.wanted')).toBeNull();
  });

  it('is in the reader’s unit', async () => {
    const cell = cells('juno').find(({ load }) => load?.hold !== 'pair')!;
    const { texts } = await lineOf(cell, cell.load!, 'lb');
    // One pound is 0.45359237 kg: international avoirdupois pound of 1959.
    expect(Number(texts[0])).toBeCloseTo(cell.load!.kg / 0.45359237, 0);
  });
});
