import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { Stroke } from './scene';

/** Lines of a figure in our hand: each in the colour of what it is of. */
@Component({
  // eslint-disable-next-line @angular-eslint/component-selector -- a group within an svg, which knows no elements of ours
  selector: 'g[drayStrokes]',
  template: `@for (stroke of drayStrokes(); track $index) {
    <svg:path [attr.class]="stroke.looks" [attr.d]="stroke.path" [attr.stroke-width]="stroke.width" />
  }`,
  styleUrl: './strokes.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Strokes {
  readonly drayStrokes = input.required<readonly Stroke[]>();
}
