import { booleanAttribute, ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { LoadPicture } from '../ui/load-picture';
import { Lanes, type LaneView } from './lane-view';

const PICTURE = 44;

/** Everybody's own version and number under what is on; the coach's window has a step easier and harder one touch away. */
@Component({
  selector: 'dray-lanes',
  imports: [LoadPicture, MatButton, MatIcon],
  template: `
    @for (lane of lanes.all(); track lane.participant.id) {
      <section
        class="lane"
        [class.off]="!lane.here"
        [class.chosen]="chosen() === lane.participant.id"
        [attr.aria-label]="lane.participant.name"
        [attr.data-testid]="'lane-' + lane.participant.id"
      >
        <h3>
          {{ lane.participant.name }}
          @if (lane.key && !looking()) {
            <kbd aria-hidden="true">{{ lane.key }}</kbd>
          }
        </h3>
        <p class="version">{{ lane.name }}</p>
        @if (lane.slotId) {
          <p class="held fields">
            @if (lane.load) {
              <b>{{ lane.load }}</b> <span class="unit">{{ lane.unit }}</span>
            }
            @if (lane.recipe; as recipe) {
              <dray-load-picture [recipe]="recipe" [size]="size" />
            }
          </p>
          <p class="work">{{ lane.work }}</p>
        }
        @if (lane.mark) {
          <p class="said plum">{{ lane.mark }}</p>
        }
        @if (!looking()) {
          <p class="remark" [class.told]="lane.told">{{ lane.said }}</p>
          <div class="acts">
            @if (lane.here) {
              <button
                matButton
                class="side"
                [attr.aria-label]="easierFor(lane)"
                [class.wanted]="lane.ease"
                [disabled]="!lane.easier"
                (click)="step.emit({ lane, way: 'easier' })"
              >
                <mat-icon svgIcon="down" />
              </button>
              <button
                matButton
                class="side"
                [attr.aria-label]="harderFor(lane)"
                [disabled]="!lane.harder"
                (click)="step.emit({ lane, way: 'harder' })"
              >
                <mat-icon svgIcon="up" />
              </button>
            }
            <button
              matButton
              class="side"
              [attr.aria-label]="moreOf(lane)"
              [attr.aria-expanded]="chosen() === lane.participant.id"
              (click)="choose.emit(lane)"
            >
              <mat-icon svgIcon="more" />
            </button>
          </div>
        }
      </section>
    }
  `,
  styleUrl: './lanes.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LanesView {
  protected readonly lanes = inject(Lanes);
  /** On a wall, and before a class begins, nothing is pressed; what was remarked of somebody is the coach’s alone. */
  readonly looking = input(false, { transform: booleanAttribute });
  readonly chosen = input<string>();
  readonly choose = output<LaneView>();
  readonly step = output<{ readonly lane: LaneView; readonly way: 'easier' | 'harder' }>();
  protected readonly size = PICTURE;

  protected easierFor({ participant }: LaneView): string {
    return $localize`Easier for ${participant.name}`;
  }
  protected harderFor({ participant }: LaneView): string {
    return $localize`Harder for ${participant.name}`;
  }
  protected moreOf({ participant }: LaneView): string {
    return $localize`More of ${participant.name}`;
  }
}
