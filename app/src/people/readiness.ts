import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatRadioModule } from '@angular/material/radio';
import { readinessOf, type Readiness, type ReadinessVerdict } from '@dray/core';
import { READINESS_QUESTIONS } from '@dray/core/late';
import { PeopleStore } from './people-store';

const VERDICT_WORDS: Record<ReadinessVerdict, string> = {
  clear: $localize`Clear to start.`,
  startGently: $localize`Start gently.`,
  clinicianFirst: $localize`See a clinician first.`,
  symptoms: $localize`Stop. See a clinician first; every card is empty until then.`,
};

/** The questions before a first session, and what their answers say. */
@Component({
  selector: 'dray-readiness',
  imports: [MatRadioModule],
  template: `
    @for (question of questions; track question.key) {
      <div class="question columns lined">
        <span>
          {{ question.question }} <small>{{ question.help }}</small>
        </span>
        <mat-radio-group
          [attr.aria-label]="question.question"
          [value]="answers()?.[question.key]"
          (change)="answer(question.key, $event.value)"
        >
          <mat-radio-button i18n [value]="true">yes</mat-radio-button>
          <mat-radio-button i18n [value]="false">no</mat-radio-button>
        </mat-radio-group>
      </div>
    }
    @if (verdict(); as verdict) {
      <p
        i18n
        class="said"
        [class.sea]="verdict.verdict === 'clear'"
        [class.plum]="verdict.verdict !== 'clear'"
        data-testid="readiness"
      >
        <b>{{ words[verdict.verdict] }}</b> {{ verdict.because }} No diagnosis: clinicians and local rules
        come first.
      </p>
    }
  `,
  styles: `
    .question {
      --columns: minmax(0, 1fr) auto;
      align-items: center;
    }
    .said {
      margin-top: 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReadinessQuestions {
  private readonly people = inject(PeopleStore);
  protected readonly questions = READINESS_QUESTIONS;
  protected readonly words = VERDICT_WORDS;
  protected readonly answers = computed(() => this.people.person()?.readiness);
  protected readonly verdict = computed(() => {
    const answers = this.answers();
    return answers && readinessOf(answers);
  });

  protected answer(key: (typeof READINESS_QUESTIONS)[number]['key'], yes: boolean): void {
    const answers: Readiness = this.answers() ?? {
      symptoms: false,
      knownDisease: false,
      active: true,
      vigorous: false,
      cleared: false,
      date: this.people.today,
    };
    this.people.amend({ readiness: { ...answers, [key]: yes, date: this.people.today } }, 'readiness');
  }
}
