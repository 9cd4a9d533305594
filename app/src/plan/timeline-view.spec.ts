import { TestBed } from '@angular/core/testing';
import { sessionTimeline, type Session, type Timeline } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { TimelineView } from './timeline-view';

describe('TimelineView', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  async function drawn(part: Partial<Session> = {}) {
    const view = TestBed.inject(ViewStore);
    const session = { ...view.session()!, ...part };
    const timeline: Timeline = sessionTimeline(session, { tier: 'intermediate' }, view.catalog());
    const fixture = TestBed.createComponent(TimelineView);
    fixture.componentRef.setInput('timeline', timeline);
    fixture.componentRef.setInput('sessionBlocks', session.blocks);
    fixture.componentRef.setInput('budgetMinutes', session.budgetMinutes);
    const chosen: string[] = [];
    fixture.componentInstance.chosen.subscribe((slotId) => chosen.push(slotId));
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    const all = (selector: string) => [...host.querySelectorAll<HTMLElement>(selector)];
    const left = (element: HTMLElement) => parseFloat(element.style.left);
    const right = (element: HTMLElement) => left(element) + parseFloat(element.style.width);
    return { fixture, timeline, session, host, all, left, right, chosen };
  }

  it('is drawn to time: every part where it begins, as long as it lasts, none over another', async () => {
    const { timeline, all, left, right } = await drawn();
    const segments = all('.lane b');
    expect(segments.length).toBe(timeline.segments.length);
    const scale = right(segments.at(-1)!) / timeline.segments.at(-1)!.end;
    segments.forEach((segment, at) => {
      const { start, end } = timeline.segments[at]!;
      // A style says six digits of a number.
      expect(left(segment)).toBeCloseTo(start * scale, 3);
      expect(right(segment)).toBeCloseTo(end * scale, 3);
    });
    for (const segment of segments) expect(right(segment)).toBeLessThanOrEqual(100);
  });

  it('names each block over its part', async () => {
    const { session, all, left } = await drawn();
    const names = all('.names span');
    expect(names.length).toBe(session.blocks.length);
    expect(names[0]!.textContent).toBe('Warm-up');
    const starts = names.map(left);
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
  });

  it('has a line at the budget, within the session where it is over', async () => {
    const long = await drawn({ budgetMinutes: 10 });
    const line = long.all('.budget')[0]!;
    expect(line.classList.contains('over')).toBeTrue();
    expect(long.left(line)).toBeLessThan(50);
    expect(long.host.querySelector('.lane')?.getAttribute('aria-label')).toMatch(/^\d+ minutes of 10$/);
    const short = await drawn({ budgetMinutes: 90 });
    const end = short.all('.budget')[0]!;
    expect(end.classList.contains('over')).toBeFalse();
    expect(short.left(end)).toBeGreaterThan(90);
  });

  it('counts the minutes in fives', async () => {
    const { all } = await drawn({ budgetMinutes: 30 });
    const minutes = all('.minutes span').map(({ textContent }) => Number(textContent));
    expect(minutes.slice(0, 4)).toEqual([0, 5, 10, 15]);
  });

  it('chooses what is pressed, and shows what is chosen', async () => {
    const { fixture, timeline, all, chosen } = await drawn();
    const at = timeline.segments.findIndex(({ slotId }) => slotId === 'tue-squat');
    all('.lane b')[at]!.dispatchEvent(new PointerEvent('pointerdown'));
    expect(chosen).toEqual(['tue-squat']);
    fixture.componentRef.setInput('selected', 'tue-squat');
    await fixture.whenStable();
    const on = all('.lane b').flatMap((segment, index) => (segment.classList.contains('on') ? [index] : []));
    expect(on).toEqual(
      timeline.segments.flatMap(({ slotId }, index) => (slotId === 'tue-squat' ? [index] : [])),
    );
  });
});
