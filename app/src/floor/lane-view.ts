import { computed, inject, Injectable, type Signal } from '@angular/core';
import {
  formatHeldMass,
  isPair,
  marksOf,
  type Exercise,
  type Hold,
  type LeverSettings,
  type Participant,
  type Recipe,
} from '@dray/core';
import {
  aboutSets,
  doersOf,
  doesIn,
  elapsedMs,
  eitherSide,
  laneCues,
  mayStep,
  noteKey,
  noteTurn,
  shouldEase,
  type CueKind,
  type FloorTurn,
  type LaneWork,
  type Run,
  type SetNote,
} from '@dray/core/late';
import { ViewStore } from '../state/view-store';
import { effortWords } from '../ui/cell-words';
import { FloorStore } from './floor-store';

/** One person's lane: what they do now or next, and what was remarked of it. */
export interface LaneView {
  readonly participant: Participant;
  /** The key that brings them to the front; none beyond nine. */
  readonly key: string;
  readonly here: boolean;
  readonly cue: CueKind;
  readonly slotId: string | undefined;
  readonly name: string;
  readonly load: string;
  readonly unit: string;
  readonly recipe: Recipe | undefined;
  readonly made: string;
  readonly work: string;
  /** One thing that a caution asks. */
  readonly mark: string;
  readonly said: string;
  /** Something was remarked, so that it stands out. */
  readonly told: boolean;
  readonly ease: boolean;
  readonly easier: boolean;
  readonly harder: boolean;
}

/** What is drawn for everybody. */
export interface ShownVersion {
  readonly exercise: Exercise;
  readonly levers: LeverSettings;
  readonly hold: Hold | undefined;
  /** Somebody has to: then it is drawn so for all, and nobody is shown hands free who must not be. */
  readonly holdingOn: boolean;
}

function sameVersion(a: ShownVersion | undefined, b: ShownVersion | undefined): boolean {
  return (
    a?.exercise === b?.exercise &&
    a?.levers === b?.levers &&
    a?.hold === b?.hold &&
    a?.holdingOn === b?.holdingOn
  );
}

/** What stands where somebody has nothing to do in a turn. */
const IDLE: Partial<Record<CueKind, string>> = {
  away: $localize`not here today`,
  wait: $localize`waits this round`,
  stopped: $localize`stopped for today`,
};

/** The lanes of the class on the floor, in the order of the board. */
@Injectable()
export class Lanes {
  private readonly floor = inject(FloorStore);
  private readonly view = inject(ViewStore);

  readonly all: Signal<readonly LaneView[]> = computed(() => {
    const run = this.floor.shown();
    if (!run) return [];
    const now = this.floor.now();
    return run.plan.lanes.flatMap(({ participantId }, at) => {
      const participant = this.floor.people().find(({ id }) => id === participantId);
      return participant ? [this.laneOf(run, now, participant, at)] : [];
    });
  });

  /** The version that most of those who are on do, to be shown to all. */
  readonly shown = computed(
    (): ShownVersion | undefined => {
      const run = this.floor.shown();
      const turn = run?.turns[run.at];
      if (!run || !turn) return undefined;
      const cells = doersOf(run, turn).flatMap(
        ({ participantId }) =>
          this.floor.cellOf(participantId, turn.slotId, run.lanes[participantId]?.ways[turn.slotId] ?? []) ??
          [],
      );
      // Where somebody has to hold on, their version is shown: nobody is drawn with a load in the hand that holds.
      const held = cells.filter(({ version }) => version.holdingOn);
      const holdingOn = held.length > 0;
      const seen = holdingOn ? held : cells;
      const counts = new Map<string, number>();
      const keyOf = (cell: (typeof cells)[number]) => cell.version.rung?.id ?? cell.version.exercise.id;
      for (const cell of seen) counts.set(keyOf(cell), (counts.get(keyOf(cell)) ?? 0) + 1);
      const [most] = [...counts].sort((a, b) => b[1] - a[1]);
      const cell = seen.find((one) => keyOf(one) === most?.[0]);
      if (!cell) return undefined;
      const { exercise, levers } = cell.version;
      return { exercise, levers, hold: cell.load?.hold, holdingOn };
    },
    { equal: sameVersion },
  );

  private laneOf(run: Run, now: number, participant: Participant, at: number): LaneView {
    const into = elapsedMs(run, now);
    const lane = run.lanes[participant.id];
    const cues = laneCues(run, participant.id);
    const cue = (cues.find(({ start, end }) => start <= into && into < end) ?? cues.at(-1))?.kind ?? 'rest';
    const turn = this.turnOf(run, participant.id);
    const work = turn && doesIn(run, participant.id, turn)?.work;
    const head = {
      participant,
      key: at < 9 ? String(at + 1) : '',
      here: lane?.here ?? false,
      cue,
      unit: participant.unit,
    };
    // Who waits or is stopped is shown no number: the next one would be read as this one’s.
    if (!turn || !work || cue === 'wait' || cue === 'stopped') {
      return {
        ...head,
        slotId: undefined,
        name: IDLE[cue] ?? '',
        load: '',
        recipe: undefined,
        made: '',
        work: '',
        mark: '',
        ...this.said(run, participant.id),
        ease: false,
        easier: false,
        harder: false,
      };
    }
    const ways = lane?.ways[turn.slotId] ?? [];
    const cell = this.floor.cellOf(participant.id, turn.slotId, ways);
    const asked = work.asked.sets[turn.set - 1] ?? work.asked.beyond;
    const same = cell?.load && asked.kg !== undefined && Math.abs(cell.load.kg - asked.kg) < 0.01;
    const sides = cell && this.sidesOf(run, cell.participantId, turn.slotId);
    const ease = shouldEase(run, participant.id, turn.slotId);
    const mark =
      cell && marksOf(cell.trace, participant.unit, 'person').find(({ kind }) => kind === 'caution');
    return {
      ...head,
      slotId: turn.slotId,
      name: work.name,
      load: asked.kg === undefined ? '' : formatHeldMass(asked.kg, participant.unit, isPair(work.asked)),
      recipe: same ? cell.load?.recipe : undefined,
      made: asked.recipe ?? '',
      work: [workWords(work, turn), cell && effortWords(cell)].filter(Boolean).join(', '),
      mark: mark?.words ?? '',
      ...this.said(run, participant.id),
      ...(ease && { said: $localize`twice in a row: take the easier`, told: true }),
      ease,
      easier: sides?.easier !== undefined,
      harder: sides?.harder !== undefined && mayStep(ways, 'harder'),
    };
  }

  /** The turn that is on, or the next that this person does. */
  private turnOf(run: Run, participantId: string): FloorTurn | undefined {
    return run.turns.slice(run.at).find((turn) => doesIn(run, participantId, turn));
  }

  private sidesOf(run: Run, participantId: string, slotId: string) {
    const document = this.view.document();
    const of = this.floor.of();
    const ways = run.lanes[participantId]?.ways[slotId] ?? [];
    const cell = this.floor.cellOf(participantId, slotId, ways);
    if (!document || !of || !cell || cell.version.exercise.pattern === 'mobility') return undefined;
    const key = `${participantId} ${slotId} ${ways.join(' ')}`;
    const known = this.sides.get(key);
    if (known?.cell === cell) return known.sides;
    const sides = eitherSide(document, cell, of, this.view.resolver);
    this.sides.set(key, { cell, sides });
    return sides;
  }

  private readonly sides = new Map<string, { cell: unknown; sides: ReturnType<typeof eitherSide> }>();

  private said(run: Run, participantId: string): Pick<LaneView, 'said' | 'told'> {
    const turn = noteTurn(run, participantId);
    const note = turn && run.notes[noteKey(turn.id, participantId)];
    const words = note ? noteWords(note) : '';
    return {
      said: words || (run.ended.some(({ done }) => done[participantId]) ? $localize`as asked` : ''),
      told: words !== '',
    };
  }
}

/** "10", "10 each side", "30 s", "as many as you can". */
function workWords({ asked, open, sets }: LaneWork, turn: FloorTurn): string {
  const { amount } = asked.sets[turn.set - 1] ?? asked.beyond;
  const set = sets[turn.set - 1] ?? sets.at(-1);
  const sided = set !== undefined && set.stretchesMs.length > 1;
  if (open) return $localize`as many as you can`;
  if (asked.counted === 'seconds') return sided ? $localize`${amount} s, each side` : $localize`${amount} s`;
  return sided ? $localize`${amount} each side` : $localize`${amount} reps`;
}

/** What was remarked of a set, shortly: "8", "nothing left", "form went", "knee hurt, 4 of 10". */
export function noteWords({ amount, left, reserve, form, pain, leftOut, note, touchDowns }: SetNote): string {
  if (leftOut) return $localize`left out`;
  const lefts = {
    nothing: $localize`nothing left`,
    some: $localize`some left`,
    plenty: $localize`plenty left`,
  } as const;
  return [
    amount !== undefined && `${amount}`,
    note ?? (left && lefts[left]),
    aboutSets([{ reserve, form, pain, touchDowns }]),
  ]
    .filter(Boolean)
    .join(', ');
}
