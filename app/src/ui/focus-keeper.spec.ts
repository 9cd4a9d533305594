import { ChangeDetectionStrategy, Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { FocusKeeper } from './focus-keeper';

@Component({
  selector: 'dray-some-list',
  template: `
    <button id="before">before</button>
    <ul>
      @for (one of things(); track one) {
        <li>
          <button [id]="one" [disabled]="disabled() === one">{{ one }}</button>
        </li>
      }
    </ul>
    <p>nothing to focus</p>
    <button id="after">after</button>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class SomeList {
  readonly things = signal(['a', 'b', 'c']);
  readonly disabled = signal('');
}

describe('FocusKeeper', () => {
  async function list() {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    TestBed.inject(FocusKeeper).watch();
    const fixture = TestBed.createComponent(SomeList);
    document.body.append(fixture.nativeElement as HTMLElement);
    await fixture.whenStable();
    const focus = (id: string) => document.getElementById(id)?.focus();
    const now = async () => {
      await fixture.whenStable();
      return document.activeElement?.id;
    };
    return { page: fixture.componentInstance, focus, now };
  }

  it('goes to what stands in the place of what is gone', async () => {
    const { page, focus, now } = await list();
    focus('b');
    page.things.set(['a', 'c']);
    expect(await now()).toBe('c');
    page.things.set(['a']);
    expect(await now()).toBe('a');
    page.things.set([]);
    expect(await now()).toBe('after');
  });

  it('goes on from what can no longer have the focus', async () => {
    const { page, focus, now } = await list();
    focus('b');
    page.disabled.set('b');
    // The browser takes the focus away a moment later.
    document.getElementById('b')?.blur();
    page.things.set(['a', 'b', 'c', 'd']);
    expect(await now()).toBe('c');
  });

  it('leaves it alone where it was taken away on purpose', async () => {
    const { page, focus, now } = await list();
    focus('b');
    document.getElementById('b')?.blur();
    page.things.set(['a', 'b']);
    expect(await now()).toBe('');
  });
});
