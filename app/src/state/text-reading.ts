import { computed, effect, inject, linkedSignal, signal, type Signal } from '@angular/core';
import type { MassUnit, Session } from '@dray/core';
import { parseSession, type SessionReading } from '@dray/core/late';
import { READ_SESSION, type ReadQuestion } from '../workers/read-session';
import { DocumentStore } from './document-store';
import { ViewStore } from './view-store';

/** A longer text is read off the page's thread: reading it there would be felt in the typing. */
export const LONG_TEXT = 6000;

/** A text to be read, and what it leaves unsaid. */
export interface AskedText {
  readonly text: string;
  readonly base: Pick<Session, 'id' | 'name' | 'budgetMinutes'>;
  readonly unit: MassUnit;
}

/** What a text says of a session: at once, or for a long one as soon as it has been read elsewhere. */
export interface TextReading {
  /** Undefined where there is no text, and until a long one has been read. */
  readonly reading: Signal<SessionReading | undefined>;
  /** What a long text said, when it has been read. */
  readonly arrived: Signal<SessionReading | undefined>;
  /** How far a long text is read, from 0 to 1; undefined when none is. */
  readonly underWay: Signal<number | undefined>;
  /** Why a long text could not be read; empty when it could. */
  readonly failed: Signal<string>;
  readonly again: () => void;
}

/** Reads a text that changes; one that is no longer asked for is read no further. */
export function textReading(asked: () => AskedText | undefined): TextReading {
  const view = inject(ViewStore);
  const documents = inject(DocumentStore);
  const read = inject(READ_SESSION);

  const long = computed<ReadQuestion | undefined>(
    () => {
      const one = asked();
      const own = documents.document();
      if (!one || !own || one.text.length <= LONG_TEXT) return undefined;
      const { exercises, ladders, settings } = own;
      return { ...one, own: { exercises, ladders, settings } };
    },
    { equal: isSame },
  );
  /** What came of it: what it says, or why it could not be read. Gone as soon as another text is asked for. */
  const came = linkedSignal<
    ReadQuestion | undefined,
    { said: SessionReading } | { failed: string } | undefined
  >({
    source: long,
    computation: () => undefined,
  });
  const progress = linkedSignal({ source: long, computation: () => 0 });
  const tries = signal(0);
  effect((onCleanup) => {
    const question = long();
    tries();
    if (!question) return;
    const abort = new AbortController();
    onCleanup(() => {
      abort.abort();
    });
    const come = (what: { said: SessionReading } | { failed: string }) => {
      if (!abort.signal.aborted) came.set(what);
    };
    read(question, abort.signal, (share) => {
      progress.set(share);
    }).then(
      (said) => {
        come({ said });
      },
      (error: unknown) => {
        come({ failed: error instanceof Error ? error.message : String(error) });
      },
    );
  });
  const arrived = computed(() => {
    const what = came();
    return what && 'said' in what ? what.said : undefined;
  });
  const short = computed(() => {
    const one = asked();
    if (!one || one.text.length > LONG_TEXT) return undefined;
    const { text, base, unit } = one;
    return parseSession(text, view.catalog(), { base, unit, newId: () => crypto.randomUUID() });
  });
  return {
    reading: computed(() => short() ?? arrived()),
    arrived,
    underWay: computed(() => (long() && !came() ? progress() : undefined)),
    failed: computed(() => {
      const what = came();
      return what && 'failed' in what ? what.failed : '';
    }),
    again: () => {
      came.set(undefined);
      tries.update((before) => before + 1);
    },
  };
}

/** Whether two ask for the same: what was read of a text changes the session it is read into, and is no reason to read it again. */
function isSame(a: ReadQuestion | undefined, b: ReadQuestion | undefined): boolean {
  if (!a || !b) return a === b;
  return (
    a.text === b.text &&
    a.unit === b.unit &&
    a.base.id === b.base.id &&
    a.base.name === b.base.name &&
    a.base.budgetMinutes === b.base.budgetMinutes &&
    a.own.exercises === b.own.exercises &&
    a.own.ladders === b.own.ladders &&
    a.own.settings === b.own.settings
  );
}
