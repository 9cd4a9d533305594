import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatDivider } from '@angular/material/divider';
import { MatIcon } from '@angular/material/icon';
import { MatMenuModule } from '@angular/material/menu';
import { MatTooltip } from '@angular/material/tooltip';
import { formatClock, sessionSchema } from '@dray/core';
import { ChoiceField } from '../ui/forms/choice-field';
import { NumberField } from '../ui/forms/number-field';
import { TextField } from '../ui/forms/text-field';
import { Notice } from '../ui/notice';
import { PACES } from '../ui/paces';
import { PlanStore } from './plan-store';

/** Which session it is, the others, the time it may take, and how long it takes each tier. */
@Component({
  selector: 'dray-session-head',
  imports: [
    ChoiceField,
    MatButtonToggleModule,
    MatDivider,
    MatIcon,
    MatIconButton,
    MatMenuModule,
    MatTooltip,
    NumberField,
    TextField,
  ],
  templateUrl: './session-head.html',
  styles: `
    @media (max-width: 700px) {
      .times b {
        display: block;
        margin-top: -8px;
      }
    }
  `,
  host: { class: 'screen-head' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SessionHead {
  protected readonly plan = inject(PlanStore);
  private readonly notice = inject(Notice);

  protected readonly shape = sessionSchema.shape;
  protected readonly paces = PACES;

  protected readonly times = computed(() =>
    this.plan.timelines().map(({ tier, timeline }) => ({
      tier,
      clock: formatClock(timeline.totalSeconds),
      over: timeline.totalSeconds > (this.plan.view.session()?.budgetMinutes ?? 0) * 60,
    })),
  );

  /** The session goes, and the way back is in reach. */
  protected remove(): void {
    const name = this.plan.view.session()?.name ?? '';
    this.plan.removeSession();
    this.notice.done($localize`“${name}” is deleted. What was logged of it stays.`);
  }

  protected archive(): void {
    const name = this.plan.view.session()?.name ?? '';
    this.plan.archiveSession();
    this.notice.done($localize`“${name}” is archived, and on no day from today on.`);
  }
}
