import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { MatIcon } from '@angular/material/icon';
import { leftOutWords, midSentence, versionKey } from '@dray/core';
import type { ClassVersion } from './class-versions';

interface Share {
  readonly words: string;
  readonly count: number;
  readonly kind: 'own' | 'substitute' | 'nothing';
}

/** What a slot comes to for the class, in one line: how many get which version, who needs another, who has nothing. */
@Component({
  selector: 'dray-class-strip',
  imports: [MatIcon],
  template: `
    @for (share of shares(); track share.words) {
      <small
        class="narrow"
        [class.cut]="share.kind !== 'nothing'"
        [class.plum]="share.kind === 'nothing'"
        [class.strong]="share.kind === 'nothing'"
      >
        @for (one of marks(share); track $index) {
          <mat-icon class="of-text" [svgIcon]="share.kind === 'own' ? 'square' : 'hollow'" />
        }
        {{ share.words }}
      </small>
    }
  `,
  styles: `
    :host {
      gap: 0 14px;
    }
    small {
      max-width: 250px;
    }
    mat-icon {
      font-size: 9px;
      margin-right: 2px;
      color: var(--of, var(--tier));
    }
  `,
  host: { class: 'fields' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassStrip {
  readonly versions = input.required<readonly ClassVersion[]>();
  /** Only who has nothing: what has to be seen even where nothing is looked at. */
  readonly onlyGaps = input(false);

  protected readonly shares = computed<Share[]>(() => {
    const shares = new Map<string, { names: string[]; kind: Share['kind']; version: string }>();
    for (const { name, cell } of this.versions()) {
      const kind =
        cell.status === 'leftOut'
          ? 'nothing'
          : cell.trace.some((reason) => reason.kind === 'substituted')
            ? 'substitute'
            : 'own';
      const version =
        cell.status === 'leftOut' ? midSentence(leftOutWords(cell.because).why) : cell.version.name;
      // Two exercises may have a version of one name.
      const key = cell.status === 'leftOut' ? `${kind} ${version}` : `${kind} ${versionKey(cell.version)}`;
      const share = shares.get(key) ?? { names: [], kind, version };
      share.names.push(name);
      shares.set(key, share);
    }
    const order: Share['kind'][] = ['nothing', 'own', 'substitute'];
    return [...shares.values()]
      .filter(({ kind }) => kind === 'nothing' || !this.onlyGaps())
      .sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind) || b.names.length - a.names.length)
      .map(({ names, kind, version }) => ({
        kind,
        count: names.length,
        words: kind === 'own' ? version : `${names.join(', ')}: ${version}`,
      }));
  });

  protected marks({ count }: Share): readonly number[] {
    return Array.from({ length: count }, (_, at) => at);
  }
}
