import { copyOfSession, nameFrom, PACE_WORDS, withPace, type Pace, type Session } from '@dray/core';
import { signalStoreFeature, type, withMethods } from '@ngrx/signals';
import { counted } from '../ui/count';
import type { Change, PlanProps } from './plan-store';

/**
 * What is done with the session as a whole, and with its text.
 *
 * The type nobody uses is what the library asks of a feature that rests on another, see `withRoving`.
 */
export function withSession<_>() {
  return signalStoreFeature(
    { props: type<PlanProps>(), methods: type<{ change: Change }>() },
    withMethods((store) => ({
      duplicateSession(): void {
        const session = store.view.session();
        if (!session) return;
        const taken = store.documents.sessions().map(({ name }) => name);
        const name = nameFrom(session.name, (own) => $localize`${own}, again`, taken);
        const copy = copyOfSession(session, name, () => crypto.randomUUID());
        store.documents.addSession(copy);
        store.view.showSession(copy.id);
      },

      /** An empty session, on no day yet. */
      newSession(): void {
        const id = crypto.randomUUID();
        const session = { id, name: $localize`New session`, budgetMinutes: 30, blocks: [] };
        store.documents.addSession(session);
        store.view.showSession(id);
      },
      /** The session on screen goes; the next one is looked at. */
      removeSession(): void {
        const session = store.view.session();
        if (!session) return;
        store.documents.removeSession(session.id);
        store.view.showSession(undefined);
      },
      /** Off every list and on no day from today on; what was logged and what it asks is kept. */
      archiveSession(): void {
        const session = store.view.session();
        if (!session) return;
        store.documents.archive('sessions', session.id);
        store.view.showSession(undefined);
      },
      bringBackSession(id: string): void {
        store.documents.bringBack('sessions', id);
        store.view.showSession(id);
      },
      rename(name: string): void {
        store.change($localize`session name`, (session) => ({ ...session, name }));
      },
      setBudget(minutes: number | undefined): void {
        if (minutes !== undefined)
          store.change(counted(minutes, $localize`minute`, $localize`minutes`), (session) => ({
            ...session,
            budgetMinutes: minutes,
          }));
      },
      setPace(pace: Pace): void {
        store.change($localize`pace: ${PACE_WORDS[pace]}`, (session) => withPace(session, pace));
      },
      /** The session read anew from its text. Slots may be gone for a moment: what hangs on them waits for `textDone`. */
      retype(to: (session: Session) => Session): void {
        const session = store.view.session();
        if (!session) return;
        const retyped = to(session);
        store.documents.edit(
          $localize`session text`,
          (document) => ({
            ...document,
            sessions: document.sessions.map((own) => (own.id === session.id ? retyped : own)),
          }),
          `text ${session.id}`,
        );
      },
      /** What was chosen for words nobody knew: from now on they mean that, in this document. */
      remember(key: string, name: string): void {
        if (key === '') return;
        store.documents.edit($localize`“${key}” is ${name}`, (document) => ({
          ...document,
          settings: { ...document.settings, said: { ...document.settings.said, [key]: name } },
        }));
      },
      textDone(): void {
        const session = store.view.session();
        if (session) store.change($localize`session text`, (own) => own, `text ${session.id}`);
        store.documents.settle();
      },
    })),
  );
}
