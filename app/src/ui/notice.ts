import { inject, Injectable } from '@angular/core';
import { MatSnackBar } from '@angular/material/snack-bar';
import { DocumentStore } from '../state/document-store';

const SHOWN_MS = 8000;

/** Says what has just been done, with the way back in reach. */
@Injectable({ providedIn: 'root' })
export class Notice {
  private readonly bar = inject(MatSnackBar);
  private readonly documents = inject(DocumentStore);

  say(words: string): void {
    this.bar.open(words, undefined, { duration: SHOWN_MS });
  }

  /** Says something that can be acted on, or left: it stays until either. */
  offer(words: string, action: string, act: () => void): void {
    this.bar.open(words, action).onAction().subscribe(act);
  }

  /** After an edit that took something away. */
  done(words: string): void {
    this.bar
      .open(words, $localize`Undo`, { duration: SHOWN_MS })
      .onAction()
      .subscribe(() => this.documents.undo());
  }
}
