import { boatyardInWeekFive } from '@dray/demo/week-five';
import { createResolver } from '../program';
import { reasonWords } from '../reason';
import { attainable } from './attainable';
import { byHand } from './by-hand';
import { cautions } from './cautions';
import { STEPS } from './index';
import { kit } from './kit';
import { rung } from './rung';
import { target } from './target';
import { write } from './write';

describe('one slot, step by step', () => {
  it('goes the way that docs/architecture.md walks', () => {
    const board = createResolver().board(boatyardInWeekFive, { sessionId: 'tuesday', week: 4 });
    const column = board.columns.findIndex(({ slot }) => slot.id === 'tue-squat');
    const cell = board.rows.find(({ participant }) => participant.id === 'anselm')!.cells[column]!;
    const walk = cell.trace.map((reason) => [reason.step, reason.kind, reasonWords(reason, 'kg')]);
    expect(walk).toEqual([
      ['rung', 'tierBegins', 'Intermediate at squatting: “goblet squat”.'],
      [
        'cautions',
        'cautioned',
        'High blood pressure: loose grip, breathe out on the effort, never hold the breath; stop with three left.',
      ],
      ['kit', 'loadsThere', '5 loads can be made for it.'],
      ['target', 'full', 'All sets at the top: 16 reps.'],
      [
        'attainable',
        'bridge',
        '11.35 kg: dumbbell 25 lb; the next is 13.6 kg, 20 % up. Up to 19 reps earn it: 18 reps now.',
      ],
      ['write', 'written', '3 × 18 with 11.35 kg, then straight on.'],
    ]);
  });

  it('has its steps in one list, in the order of the page', () => {
    expect(STEPS).toEqual([rung, cautions, kit, target, attainable, byHand, write]);
  });
});
