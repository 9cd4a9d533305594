import type { RunEvent } from '@dray/core/late';
import type { Runs } from './runs';

/** A disk that refused is asked again. */
const RETRY_MS = 2000;

/**
 * What happens on the floor on its way to the disk, in its order: what comes while the disk is busy is written together, so that a
 * slow one is never further behind than one write. What is refused stays, and is tried again.
 */
export class EventQueue {
  private readonly pending: { readonly runId: string; readonly event: RunEvent }[] = [];
  private flushing = false;

  /**
   * @param kept told of each write that is on the disk, with its run
   * @param behind told whether something is not
   */
  constructor(
    private readonly runs: Runs,
    private readonly kept: (runId: string) => void,
    private readonly behind: (behind: boolean) => void,
  ) {}

  add(runId: string, events: readonly RunEvent[]): void {
    this.pending.push(...events.map((event) => ({ runId, event })));
    void this.flush();
  }

  /** What happened in a run and is not on the disk yet. */
  of(runId: string): RunEvent[] {
    return this.pending.flatMap((one) => (one.runId === runId ? [one.event] : []));
  }

  private async flush(): Promise<void> {
    if (this.flushing) return;
    this.flushing = true;
    try {
      for (let first = this.pending[0]; first; first = this.pending[0]) {
        const { runId } = first;
        const another = this.pending.findIndex((one) => one.runId !== runId);
        const together = this.pending.slice(0, another < 0 ? undefined : another);
        await this.runs.add(runId, ...together.map(({ event }) => event));
        this.pending.splice(0, together.length);
        this.kept(runId);
      }
    } catch {
      setTimeout(() => void this.flush(), RETRY_MS);
    } finally {
      this.flushing = false;
      this.behind(this.pending.length > 0);
    }
  }
}
