import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, stepsOf, until } from '../testing';
import { LogScreen } from './log';

describe('LogScreen', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
  });

  afterEach(() => {
    db.close();
  });

  /** The demo’s class several times over. */
  async function screenFor(times: number) {
    const documents = await openedDocuments();
    documents.edit('a larger class', (document) => ({
      ...document,
      participants: document.participants.flatMap((person) =>
        Array.from({ length: times }, (_, at) =>
          at === 0 ? person : { ...person, id: `${person.id}-${at}`, name: `${person.name} ${at}` },
        ),
      ),
    }));
    TestBed.inject(ViewStore).showSession('tuesday');
    const fixture = TestBed.createComponent(LogScreen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    const rows = () => host.querySelectorAll('tbody tr').length;
    return { fixture, host, rows, people: documents.document()!.participants.length };
  }

  it('puts a large class on the page some rows at a time, all of it in the end', async () => {
    const { fixture, rows, people } = await screenFor(6);
    fixture.detectChanges();
    await until(() => rows() > 0);
    expect(rows()).toBeLessThan(people);
    await until(() => rows() === people);
    expect(people).toBe(36);
  });

  it('comes part by part, so that no step of it holds the page up', async () => {
    const { fixture, host, rows, people } = await screenFor(1);
    const named = () => [...host.querySelectorAll('h3')].map((head) => head.textContent.trim());
    fixture.detectChanges();
    expect(host.querySelector('dray-log-head')).not.toBeNull();
    const steps = stepsOf(host, () => [rows(), host.querySelector('table')?.ariaBusy].join(' '));
    await until(() => rows() === people && named().includes('In files'));
    expect(steps).toEqual(['0 ', '2 true', '4 true', '6 false']);
    expect(named()).toContain('Asked');
  });
});
