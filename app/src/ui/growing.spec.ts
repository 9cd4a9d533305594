import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { until } from '../testing';
import { growing } from './growing';

@Component({
  selector: 'dray-try-growing',
  template: '{{ shown() }}',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class TryGrowing {
  readonly length = signal(100);
  readonly shown = growing(this.length, 40);
}

describe('a list that grows onto the page', () => {
  it('has some of it at once, all of it soon, and never more than there is', async () => {
    const fixture = TestBed.createComponent(TryGrowing);
    const { length, shown } = fixture.componentInstance;
    expect(shown()).toBe(40);
    fixture.autoDetectChanges();
    await until(() => shown() === 100);
    length.set(130);
    // What is there stays there.
    expect(shown()).toBeGreaterThanOrEqual(100);
    await until(() => shown() === 130);
    length.set(7);
    expect(shown()).toBe(7);
  });
});
