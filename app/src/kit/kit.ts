import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatChipsModule } from '@angular/material/chips';
import { MatIcon } from '@angular/material/icon';
import { MatListModule } from '@angular/material/list';
import { MatMenuModule } from '@angular/material/menu';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { kitSchema, type Implement, type ImplementKind, type MassUnit, type Recipe } from '@dray/core';
import { HORIZON_WEEKS, KIND_WORDS, KITCHEN_SCALE_WAY, type AdditionWorth } from '@dray/core/late';
import { counted } from '../ui/count';
import { TextField } from '../ui/forms/text-field';
import { LoadPicture } from '../ui/load-picture';
import { Notice } from '../ui/notice';
import { BandBench } from './band-bench';
import { Fill } from './fill';
import { plainThing } from './implement-fields';
import { ImplementForm } from './implement-form';
import { HOUSEHOLD_CHOICES, KitStore } from './kit-store';
import { NumberLineView } from './number-line-view';
import { pictureOf } from './thing-picture';

/** What everybody owns, what it can make, and where it is too coarse. */
@Component({
  selector: 'dray-kit',
  imports: [
    BandBench,
    Fill,
    ImplementForm,
    LoadPicture,
    MatButton,
    MatButtonToggleModule,
    MatChipsModule,
    MatIcon,
    MatIconButton,
    MatListModule,
    MatMenuModule,
    MatSlideToggle,
    NumberLineView,
    TextField,
  ],
  providers: [KitStore],
  templateUrl: './kit.html',
  styleUrl: './kit.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'list-and-page' },
})
export class KitScreen {
  protected readonly kits = inject(KitStore);
  protected readonly units: readonly MassUnit[] = ['kg', 'lb'];
  protected readonly kinds = Object.entries(KIND_WORDS) as [ImplementKind, string][];
  protected readonly householdThings = HOUSEHOLD_CHOICES;
  protected readonly scaleWay = KITCHEN_SCALE_WAY;
  protected readonly unit = computed<MassUnit>(() => this.kits.entry()?.kit.unit ?? 'kg');
  protected readonly nameSchema = kitSchema.shape.name;
  private readonly notice = inject(Notice);

  protected readonly advice = computed(() => {
    if (this.kits.additionFailed()) {
      return {
        head: $localize`What would help most could not be worked out.`,
        text: $localize`It is tried again with the next change.`,
      };
    }
    const addition = this.kits.addition();
    if (!addition || addition.outlooks.length === 0) return undefined;
    const stuck = addition.outlooks.filter(({ stuckInWeek }) => stuckInWeek !== undefined);
    if (!addition.best) {
      return stuck.length === 0
        ? {
            head: $localize`Nothing holds anyone back here.`,
            text: $localize`Every next load is within a tenth of the last.`,
          }
        : {
            head: $localize`No single thing closes the gap.`,
            text: $localize`${stuck.length} of ${addition.outlooks.length} exercises run out of loads; a harder rung or slower work is the way on.`,
          };
    }
    return {
      head: $localize`What would help most: ${addition.best.addition.words}.`,
      text: worthWords(addition.best),
      free:
        addition.forNothing &&
        $localize`For nothing: ${addition.forNothing.addition.words}. ${worthWords(addition.forNothing)}`,
      implement: addition.best.addition.implement,
    };
  });

  protected add(kind: ImplementKind): void {
    this.kits.add(plainThing(kind, this.unit()));
  }

  protected remove(implement: Implement): void {
    this.kits.remove(implement);
    this.notice.done($localize`It is out of the kit.`);
  }

  protected drop(): void {
    const name = this.kits.entry()?.kit.name ?? '';
    this.kits.drop();
    this.notice.done($localize`${name} is deleted.`);
  }

  /** Nobody is given loads of it; whose it is stays written down. */
  protected archive(): void {
    const kit = this.kits.entry()?.kit;
    if (!kit) return;
    this.kits.documents.archive('kits', kit.id);
    this.notice.done($localize`${kit.name} is archived: nobody is given loads of it.`);
  }

  protected bringBack(id: string): void {
    this.kits.documents.bringBack('kits', id);
    this.kits.show(id);
  }

  protected picture(implement: Implement): Recipe | undefined {
    return pictureOf(implement, this.unit());
  }
}

function worthWords({ helps, weeksSaved }: AdditionWorth): string {
  const [first] = helps;
  if (!first) return '';
  const people = new Set(helps.map(({ before }) => before.need.participantId)).size;
  const ways = counted(helps.length, $localize`way`, $localize`ways`);
  const whose = people === 1 ? '' : $localize` of ${people} people`;
  const instead =
    first.before.weeks >= HORIZON_WEEKS ? $localize`half a year or more` : String(first.before.weeks);
  return $localize`${first.before.need.label}:named:: a quarter more in ${first.after.weeks} weeks instead of ${instead}. It shortens ${ways} up${whose}, by ${weeksSaved} weeks in all.`;
}
