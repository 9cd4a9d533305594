import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';

/** A button that asks for a file. The browser's own field for files stays hidden behind it. */
@Component({
  selector: 'dray-file-button',
  imports: [MatButton, MatIcon],
  template: `
    <button matButton="outlined" (click)="files.click()">
      <mat-icon svgIcon="upload" />
      <ng-content />
    </button>
    <input #files type="file" hidden [accept]="accept()" (change)="hand(files)" />
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FileButton {
  readonly accept = input.required<string>();
  readonly chosen = output<File>();

  protected hand(files: HTMLInputElement): void {
    const file = files.files?.[0];
    // So that the same file can be chosen again.
    files.value = '';
    if (file) this.chosen.emit(file);
  }
}
