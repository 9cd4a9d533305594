import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { LIBRARY_EXERCISES, placedKeys, type KeptFigure, type OwnExercise } from '@dray/core';
import { figureFrom } from '@dray/core/figures';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { FigureEditor } from './figure-editor';

const squat = LIBRARY_EXERCISES.find(({ id }) => id === 'free-squat')!;

@Component({
  template: `<dray-figure-editor [exercise]="exercise()" (changed)="take($event)" />`,
  imports: [FigureEditor],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Host {
  readonly exercise = signal<OwnExercise>({
    ...squat,
    id: 'own',
    name: 'Own',
    words: { cues: ['a', 'b'], watch: {}, breathing: '' },
  });
  take(figure: KeptFigure | undefined): void {
    this.exercise.update((own) => ({ ...own, figure }));
  }
}

describe('FigureEditor', () => {
  let db: DrayDb;
  let fixture: ComponentFixture<Host>;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
    fixture = TestBed.createComponent(Host);
    document.body.append(fixture.nativeElement as HTMLElement);
    await until(() => grips().length > 0);
  });

  afterEach(() => {
    db.close();
  });

  const host = () => fixture.nativeElement as HTMLElement;
  const grips = () => [...host().querySelectorAll<SVGGElement>('.grip')];
  const grip = (named: string) => grips().find((own) => own.getAttribute('aria-label') === named)!;
  const heightOf = (named: string) => Number(grip(named).getAttribute('aria-valuenow'));
  const press = async (named: string, key: string, shiftKey = false) => {
    grip(named).dispatchEvent(
      new KeyboardEvent('keydown', { key, shiftKey, bubbles: true, cancelable: true }),
    );
    await fixture.whenStable();
  };
  const click = async (words: string) => {
    [...host().querySelectorAll('button')].find(({ textContent }) => textContent.trim() === words)!.click();
    await fixture.whenStable();
  };
  const poses = () => host().querySelectorAll('figure').length;
  const figure = () => fixture.componentInstance.exercise().figure;
  const hips = (pose: number) => placedKeys(figureFrom(figure()!)!.move, 170)[pose]!.skeleton.hips.y;

  it('begins with the nearest figure, and keeps nothing before it is changed', () => {
    expect(figure()).toBeUndefined();
    // Both sides of a squat move as one: hand, elbow, knee, foot, hips, chest, head.
    expect(grips().length).toBe(poses() * 7);
    expect(poses()).toBeGreaterThan(1);
  });

  it('is moved by the arrows, in small steps and in large ones, and says where it is', async () => {
    const before = heightOf('hips, pose 2');
    await press('hips, pose 2', 'ArrowUp');
    const small = heightOf('hips, pose 2');
    expect(small).toBeGreaterThan(before);
    await press('hips, pose 2', 'ArrowUp', true);
    expect(heightOf('hips, pose 2') - small).toBeGreaterThan(small - before);
    expect(Math.round(hips(1) * 170)).toBe(heightOf('hips, pose 2'));
    expect(grip('hips, pose 2').getAttribute('aria-valuetext')).toContain(
      `${heightOf('hips, pose 2')} cm up`,
    );
    // Other keys are the page's.
    const kept = figure();
    await press('hips, pose 2', 'Tab');
    expect(figure()).toBe(kept);
  });

  it('moves both sides as one, or one alone', async () => {
    await press('hand, pose 1', 'ArrowUp', true);
    const elbow = figure()!.keys[0]!.pose.elbow as [number, number];
    expect(elbow[0]).toBe(elbow[1]);
    host().querySelector<HTMLElement>('mat-slide-toggle button')!.click();
    await fixture.whenStable();
    await press('near hand, pose 1', 'ArrowUp', true);
    const apart = figure()!.keys[0]!.pose.elbow as [number, number];
    expect(apart[0]).not.toBe(apart[1]);
  });

  it('says which joint is asked most, and that somebody would go over', async () => {
    expect(host().querySelector('output')!.textContent).toMatch(/Asked most:\s+\w+\s*,\s+\d+ %/);
    await press('hips, pose 2', 'ArrowDown', true);
    expect(host().querySelector('output')!.textContent).toMatch(/\d+ %/);
    expect(host().textContent).not.toContain('would go over');
  });

  it('has a pose more or less, knows which is hardest, and goes back to the nearest', async () => {
    const before = poses();
    await click('One more pose');
    expect(poses()).toBe(before + 1);
    const third = host().querySelectorAll<HTMLInputElement>('mat-radio-button input');
    third[1]!.click();
    await fixture.whenStable();
    expect(figure()!.hardest).toBe(1);
    host().querySelector<HTMLElement>('[aria-label="Take away pose 1"]')!.click();
    await fixture.whenStable();
    expect(figure()!.keys.length).toBe(before);
    expect(figure()!.hardest).toBeLessThan(before);
    await click('Back to the nearest of the library');
    expect(figure()).toBeUndefined();
    expect(poses()).toBe(before);
  });
});
