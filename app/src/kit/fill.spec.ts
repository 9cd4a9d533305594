import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatInputHarness } from '@angular/material/input/testing';
import type { Fillable, MassUnit } from '@dray/core';
import { provideFreshBrowser } from '../testing';
import { Fill } from './fill';

const bottle: Fillable = {
  kind: 'fillable',
  id: 'bottle',
  name: 'bottle, 2 L',
  emptyKg: 0.05,
  capacityLitres: 2,
  // Water at 20 °C.
  densityKgPerLitre: 0.9982,
  stepLitres: 0.1,
  count: 2,
};

describe('Fill', () => {
  async function fillOf(container: Fillable, unit: MassUnit = 'kg') {
    const db = provideFreshBrowser();
    const fixture = TestBed.createComponent(Fill);
    fixture.componentRef.setInput('container', container);
    fixture.componentRef.setInput('unit', unit);
    await fixture.whenStable();
    db.close();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const weigh = async (text: string) => (await loader.getHarness(MatInputHarness)).setValue(text);
    const says = () => (fixture.nativeElement as HTMLElement).querySelector('output')!.textContent;
    return { weigh, says };
  }

  it('says how far to fill a bottle, in steps that can be seen on it', async () => {
    const { weigh, says } = await fillOf(bottle);
    expect(says()).toBe('');
    await weigh('1.34');
    // 0.05 kg of bottle and 1.3 L of water: 1.35 kg; 1.2 L would be 1.25.
    expect(says()).toBe('fill to 1.3 L');
    await weigh('3 lb');
    expect(says()).toBe('fill to 1.3 L');
  });

  it('says what it cannot weigh, and what is no mass', async () => {
    const { weigh, says } = await fillOf(bottle);
    await weigh('3');
    expect(says()).toContain('cannot make 3 kg');
    await weigh('a bit');
    expect(says()).toBe('A mass is a number, such as 1.3 or 3 lb.');
  });

  it('is asked in the unit of the kit', async () => {
    const { weigh, says } = await fillOf(bottle, 'lb');
    await weigh('2.5');
    // 2.5 lb are 1.134 kg: 1.1 L of water and the bottle, 1.148.
    expect(says()).toBe('fill to 1.1 L');
  });
});
