import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import {
  fillForMass,
  readMass,
  type Fillable,
  type Implement,
  type ImplementKind,
  type MassUnit,
  type Recipe,
} from '@dray/core';
import { HORIZON_WEEKS, KIND_WORDS, KITCHEN_SCALE_WAY, type AdditionWorth } from '@dray/core/late';
import { LoadPicture } from '../ui/load-picture';
import { BandBench } from './band-bench';
import { plainThing } from './implement-fields';
import { ImplementForm } from './implement-form';
import { HOUSEHOLD_CHOICES, KitStore } from './kit-store';
import { NumberLineView } from './number-line-view';
import { pictureOf } from './thing-picture';

/** What everybody owns, what it can make, and where it is too coarse. */
@Component({
  selector: 'dray-kit',
  imports: [BandBench, ImplementForm, LoadPicture, NumberLineView],
  providers: [KitStore],
  templateUrl: './kit.html',
  styleUrl: './kit.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KitScreen {
  protected readonly kits = inject(KitStore);
  protected readonly units: readonly MassUnit[] = ['kg', 'lb'];
  protected readonly kinds = Object.entries(KIND_WORDS) as [ImplementKind, string][];
  protected readonly household = HOUSEHOLD_CHOICES;
  protected readonly scaleWay = KITCHEN_SCALE_WAY;
  protected readonly unit = computed<MassUnit>(() => this.kits.entry()?.kit.unit ?? 'kg');
  protected readonly adding = signal(false);
  /** What a bottle is to weigh, as typed. */
  protected readonly weighing = signal('');

  protected readonly people = computed(() => {
    const users = new Set(this.kits.entry()?.users.map(({ id }) => id));
    return (this.kits.documents.document()?.participants ?? []).map(({ id, name }) => ({
      id,
      name,
      uses: users.has(id),
    }));
  });

  protected readonly advice = computed(() => {
    const addition = this.kits.addition();
    if (!addition || addition.outlooks.length === 0) return undefined;
    const stuck = addition.outlooks.filter(({ stuckInWeek }) => stuckInWeek !== undefined);
    if (!addition.best) {
      return stuck.length === 0
        ? { head: 'Nothing holds anyone back here.', text: 'Every next load is within a tenth of the last.' }
        : {
            head: 'No single thing closes the gap.',
            text: `${stuck.length} of ${addition.outlooks.length} exercises run out of loads; a harder rung or slower work is the way on.`,
          };
    }
    return {
      head: `What would help most: ${addition.best.addition.words}.`,
      text: worthWords(addition.best),
      free:
        addition.forNothing &&
        `For nothing: ${addition.forNothing.addition.words}. ${worthWords(addition.forNothing)}`,
      implement: addition.best.addition.implement,
    };
  });

  protected add(kind: ImplementKind): void {
    this.kits.add(plainThing(kind, this.unit()));
    this.adding.set(false);
  }

  protected addHousehold(implement: Implement): void {
    this.kits.add(implement);
    this.adding.set(false);
  }

  protected picture(implement: Implement): Recipe | undefined {
    return pictureOf(implement, this.unit());
  }

  /** How far to fill a bottle for a mass, or why it cannot be. */
  protected fill(container: Fillable, text: string): string {
    if (text.trim() === '') return '';
    const kg = readMass(text, this.unit());
    if (kg === undefined) return 'A mass is a number, such as 1.3 or 3 lb.';
    const answer = fillForMass(container, kg);
    return answer.ok ? `fill to ${Number(answer.litres.toFixed(2))} L` : answer.sentence;
  }
}

function worthWords({ helps, weeksSaved }: AdditionWorth): string {
  const [first] = helps;
  if (!first) return '';
  const people = new Set(helps.map(({ before }) => before.need.participantId)).size;
  const ways = helps.length === 1 ? 'one way' : `${helps.length} ways`;
  const whose = people === 1 ? '' : ` of ${people} people`;
  const instead = first.before.weeks >= HORIZON_WEEKS ? 'half a year or more' : String(first.before.weeks);
  return `${first.before.need.label}: a quarter more in ${first.after.weeks} weeks instead of ${instead}. It shortens ${ways} up${whose}, by ${weeksSaved} weeks in all.`;
}
