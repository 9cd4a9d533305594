import * as fc from 'fast-check';
import { aContext, aParticipant, aSlot, everyProp, pairs } from '../../testing/people';
import { catalog, LIBRARY_LADDERS } from '../library';
import { conditionSchema, TIERS, type Condition, type Demand } from '../model';
import { resolve } from '../resolve';
import { applyCautions, CAUTION_RULES } from './index';

const CONDITIONS = conditionSchema.options;

function blockedDemands(conditions: readonly Condition[]): (Demand | 'held')[] {
  return CAUTION_RULES.filter(
    ({ condition, action }) => conditions.includes(condition) && action.kind === 'block',
  ).map(({ demand }) => demand);
}

describe('the table of cautions', () => {
  it('has rules for every condition, each with words and a source', () => {
    for (const condition of CONDITIONS) {
      expect(CAUTION_RULES.filter((rule) => rule.condition === condition).length).toBeGreaterThan(1);
    }
    for (const { words, source, mark } of CAUTION_RULES) {
      expect(words).toMatch(/^[A-Z].+\.$/);
      expect(source).toMatch(/common practice|statement/);
      expect(mark.length).toBeLessThan(28);
    }
  });
});

describe('applyCautions', () => {
  const version = (rungId: string) => catalog.versionByRung.get(rungId)!;

  it('keeps a sore knee from landing', () => {
    const verdict = applyCautions(version('thrust-floor-jump'), ['soreKnee'], catalog);
    expect(verdict.kind).toBe('blocked');
  });

  it('takes depth from a squat for a sore knee', () => {
    const verdict = applyCautions(version('squat-goblet'), ['soreKnee'], catalog);
    expect(verdict.kind === 'allowed' && verdict.version.levers.range).toBe(60);
  });

  it('raises the hands for a shoulder, to a rung there is', () => {
    const verdict = applyCautions(version('press-floor'), ['shoulder'], catalog);
    expect(verdict.kind === 'allowed' && verdict.version.rung?.id).toBe('press-counter');
  });

  it('does not raise the hands on paper where no rung does', () => {
    expect(applyCautions(version('thrust-chair-jump'), ['shoulder'], catalog).kind).toBe('blocked');
  });

  it('holds effort down for high blood pressure', () => {
    const verdict = applyCautions(version('brace-floor'), ['highBloodPressure'], catalog);
    expect(verdict.kind === 'allowed' && verdict.limits).toEqual({
      reserveAtLeast: 3,
      holdAtMostSeconds: 20,
    });
  });

  it('says nothing where nothing is asked', () => {
    const verdict = applyCautions(version('squat-seat'), ['soreKnee'], catalog);
    expect(verdict.kind === 'allowed' && verdict.rules).toEqual([]);
  });
});

describe('cells under caution', () => {
  it('never hold a blocked demand, whoever it is and whatever they own', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LIBRARY_LADDERS),
        fc.nat(10),
        fc.subarray([...CONDITIONS]),
        fc.constantFrom(...TIERS),
        fc.subarray([...everyProp(), ...pairs(2, 5, 10, 20)]),
        (ladder, rungAt, conditions, tier, things) => {
          const rung = ladder.rungs[rungAt % ladder.rungs.length]!;
          const participant = aParticipant({
            tier,
            rungs: { [ladder.id]: rung.id },
            cautions: conditions.map((condition) => ({ condition })),
          });
          const cell = resolve(aSlot(ladder.id), aContext(participant, things));
          const blocked = blockedDemands(conditions);
          if (cell.status === 'leftOut') {
            expect(cell.because.length).toBeGreaterThan(0);
            return;
          }
          const asked = [...cell.version.demands, ...(cell.load ? cell.version.demandsLoaded : [])];
          expect(asked.filter((demand) => blocked.includes(demand))).toEqual([]);
        },
      ),
      { numRuns: 2000 },
    );
  });
});
