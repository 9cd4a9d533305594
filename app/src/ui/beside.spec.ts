import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { DrayDb } from '../data/dray-db';
import { provideFreshBrowser, until } from '../testing';
import { Beside } from './beside';
import { Width } from './width';

@Component({
  imports: [Beside],
  // The frame of the application is a drawer itself, and moves.
  template: `
    <div class="mat-drawer-transition" style="height: 300px; width: 900px">
      <dray-beside named="why" [asked]="asked()">
        <p class="sheet">the sheet</p>
        <p rail>the reasons</p>
      </dray-beside>
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Screen {
  readonly asked = signal(false);
}

describe('Beside', () => {
  let db: DrayDb;
  const narrow = signal(false);
  const phone = signal(false);

  beforeEach(() => {
    db = provideFreshBrowser();
    narrow.set(false);
    TestBed.overrideProvider(Width, { useValue: { narrow, phone } });
  });

  afterEach(() => {
    db.close();
  });

  async function screen() {
    const fixture = TestBed.createComponent(Screen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    await fixture.whenStable();
    const part = (selector: string) => host.querySelector<HTMLElement>(selector);
    const seen = () => part('aside')!.checkVisibility({ visibilityProperty: true });
    return { fixture, part, seen };
  }

  it('stands beside the sheet at once: no line of it moves as a screen opens', async () => {
    const { part, seen } = await screen();
    expect(seen()).toBeTrue();
    for (const moving of ['mat-drawer', 'mat-drawer-content']) {
      expect(getComputedStyle(part(moving)!).transitionProperty)
        .withContext(moving)
        .toBe('none');
    }
    const rail = part('mat-drawer')!.getBoundingClientRect();
    expect(part('.sheet')!.getBoundingClientRect().right).toBeLessThanOrEqual(rail.left);
    expect(part('.call')).toBeNull();
  });

  it('is called up where there is no room beside, lies over the sheet, and is put away again', async () => {
    narrow.set(true);
    const { fixture, part, seen } = await screen();
    expect(seen()).toBeFalse();
    part('.call')!.click();
    await fixture.whenStable();
    expect(seen()).toBeTrue();
    // It may slide.
    const left = () => part('mat-drawer')!.getBoundingClientRect().left;
    await until(() => part('.sheet')!.getBoundingClientRect().right > left());
    part('.close')!.click();
    await fixture.whenStable();
    expect(part('.call')).not.toBeNull();
    part('.call')!.click();
    await fixture.whenStable();
    part('aside')!.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
    await fixture.whenStable();
    expect(part('.call')).not.toBeNull();
    await until(() => !seen());
  });

  it('lies over the sheet on a desk too, where that is asked for', async () => {
    const { fixture, part, seen } = await screen();
    fixture.componentInstance.asked.set(true);
    await fixture.whenStable();
    expect(part('.call')).not.toBeNull();
    fixture.componentInstance.asked.set(false);
    await fixture.whenStable();
    expect(seen()).toBeTrue();
    expect(part('.close')).toBeNull();
  });
});
