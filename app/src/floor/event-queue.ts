import type { RunEvent } from '@dray/core/late';
import type { Runs } from './runs';

/** A disk that refused is asked again. */
const RETRY_MS = 2000;

/** What happens on the floor on its way to the disk: one event after the other; what is refused stays, and is tried again. */
export class EventQueue {
  private readonly pending: { readonly runId: string; readonly event: RunEvent }[] = [];
  private flushing = false;

  /**
   * @param kept told of each event that is on the disk, with its run
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
        await this.runs.add(first.runId, first.event);
        this.pending.shift();
        this.kept(first.runId);
      }
    } catch {
      setTimeout(() => void this.flush(), RETRY_MS);
    } finally {
      this.flushing = false;
      this.behind(this.pending.length > 0);
    }
  }
}
