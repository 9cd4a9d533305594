import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { catalog, type Body, type CombinedExercise, type Exercise, type Hold } from '@dray/core';
import { FigureView } from './figure';

@Component({
  imports: [FigureView],
  template: `<dray-figure
    tabindex="0"
    [exercise]="exercise()"
    [hold]="hold()"
    [wrong]="wrong()"
    [gravity]="gravity()"
    [muscles]="muscles()"
    [beside]="beside()"
    [hardestFor]="hardestFor()"
    [holdingOn]="holdingOn()"
    [seconds]="0.4"
    [size]="size()"
    named="how it goes"
  />`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Host {
  readonly exercise = signal(exerciseOf('curl'));
  readonly wrong = signal('');
  readonly gravity = signal(false);
  readonly muscles = signal(false);
  readonly beside = signal(false);
  readonly hold = signal<Hold>('pair');
  readonly hardestFor = signal<Body | undefined>(undefined);
  readonly holdingOn = signal(false);
  readonly size = signal(120);
}

function exerciseOf(id: string): Exercise {
  const found = catalog.exercises.get(id);
  if (!found) throw new Error(id);
  return found;
}

describe('a figure', () => {
  let fixture: ComponentFixture<Host>;
  const all = (selector: string) => [...fixture.nativeElement.querySelectorAll(selector)] as SVGElement[];
  const settled = async () => {
    await fixture.whenStable();
    fixture.detectChanges();
  };
  /** Figures are loaded when the first is to be seen. */
  const drawn = async () => {
    const until = performance.now() + 20_000;
    while (all('path').length === 0 && performance.now() < until) {
      await new Promise((done) => setTimeout(done, 10));
      await settled();
    }
  };

  beforeEach(async () => {
    fixture = TestBed.createComponent(Host);
    fixture.detectChanges();
    await drawn();
  });

  it('has a post beside whoever has to hold on, and is none at all where the hand cannot stay on it', async () => {
    fixture.componentInstance.exercise.set(exerciseOf('heel-raise'));
    await settled();
    expect(all('.surface').length).toBe(1);
    fixture.componentInstance.holdingOn.set(true);
    await settled();
    expect(all('path').length).withContext('a pair leaves no hand to hold on with').toBe(0);
    fixture.componentInstance.hold.set('none');
    await settled();
    expect(all('.surface').length).toBe(2);
    fixture.componentInstance.exercise.set(exerciseOf('blind-one-leg-stand'));
    await settled();
    expect(all('path').length).toBe(0);
  });

  it('has a head, what is held in each hand, and a ghost of where it starts', () => {
    expect(all('.near.filled').length).toBeGreaterThan(0);
    expect(all('svg > g:not(.started) > .thing').length).toBe(2);
    expect(all('.started path').length).toBeGreaterThan(5);
    expect(all('svg')[0]?.getAttribute('aria-label')).toBe('how it goes');
  });

  it('stands beside its start where there is room, and alone where there is none', async () => {
    fixture.componentInstance.beside.set(true);
    await settled();
    expect(all('svg').length).toBe(2);
    fixture.componentInstance.beside.set(false);
    fixture.componentInstance.size.set(30);
    await settled();
    expect(all('.started').length).toBe(0);
  });

  it('marks the joint that is asked most, larger for whom it is more', async () => {
    fixture.componentInstance.exercise.set(exerciseOf('free-squat'));
    await settled();
    expect(all('.strain').length).toBe(0);
    const radius = async (body: Body) => {
      fixture.componentInstance.hardestFor.set(body);
      await settled();
      expect(all('.strain').length).toBe(1);
      return Number(/a([\d.]+) /.exec(all('.strain')[0]?.getAttribute('d') ?? '')?.[1]);
    };
    const young = await radius({ massKg: 70, statureCm: 170, sex: 'male', ageYears: 25 });
    const old = await radius({ massKg: 70, statureCm: 170, sex: 'female', ageYears: 75 });
    expect(old).toBeGreaterThan(young);
  });

  it('moves while it is pointed at, and stands again after', async () => {
    const arm = () =>
      all('svg > g:not(.started) > path.near')
        .map((path) => path.getAttribute('d'))
        .join();
    const still = arm();
    const host = fixture.nativeElement.querySelector('dray-figure') as HTMLElement;
    host.dispatchEvent(new PointerEvent('pointerenter'));
    const until = performance.now() + 20_000;
    while (arm() === still && performance.now() < until) {
      await new Promise((done) => setTimeout(done, 20));
      await settled();
    }
    // A browser that asks for less motion would stand: the test's does not.
    expect(arm()).not.toBe(still);
    host.dispatchEvent(new PointerEvent('pointerleave'));
    await settled();
    expect(arm()).toBe(still);
  });

  it('shows the parts of a combination in order, one figure each', async () => {
    const part = (id: string) => ({ exercise: exerciseOf(id), levers: {}, times: 1, carries: true });
    const both: CombinedExercise = {
      ...exerciseOf('free-squat'),
      id: 'both',
      parts: [part('free-squat'), part('standing-press')],
    };
    fixture.componentInstance.exercise.set(both);
    await settled();
    expect(all('svg').length).toBe(2);
    // Both carry: a pair in the hands of each.
    expect(all('svg:last-of-type > g:not(.started) > .thing').length).toBe(2);
  });

  it('shows what goes wrong in front of what is right, and nothing where that does not show', async () => {
    fixture.componentInstance.exercise.set(exerciseOf('pair-hinge'));
    fixture.componentInstance.wrong.set('back rounds');
    await settled();
    expect(all('.wrong path').length).toBeGreaterThan(5);
    expect(all('.right path').length).toBeGreaterThan(5);
    fixture.componentInstance.wrong.set('holds the breath');
    await settled();
    expect(all('.wrong path').length).toBe(0);
    expect(all('svg > g:not(.started) > path.near').length).toBeGreaterThan(0);
  });

  it('shows the line of gravity and the muscles when asked', async () => {
    expect(all('.gravity, .wash').length).toBe(0);
    fixture.componentInstance.gravity.set(true);
    fixture.componentInstance.muscles.set(true);
    await settled();
    expect(all('.gravity').length).toBeGreaterThan(2);
    expect(all('.wash').length).toBeGreaterThan(0);
  });
});
