type Write = () => Promise<void>;

/** What is still to be written, and why the first of it could not be. */
export interface QueueState {
  readonly waiting: number;
  readonly error: unknown;
}

const FIRST_RETRY_MS = 1000;
const LONGEST_RETRY_MS = 30_000;

/**
 * Writes one after another. One that fails keeps its place, so that nothing later overtakes it, and is tried again: after
 * a second, then ever more seldom, at the next write, or when asked.
 */
export class WriteQueue {
  private readonly waiting: { readonly write: Write; readonly over: () => void }[] = [];
  private running: Promise<void> | undefined;
  private error: unknown;
  private retry: ReturnType<typeof setTimeout> | undefined;
  private wait = FIRST_RETRY_MS;
  private tell: (state: QueueState) => void = () => undefined;

  /** Told whenever something is added, kept, or has failed. */
  watch(tell: (state: QueueState) => void): void {
    this.tell = tell;
  }

  /** Resolves when it has been written, or has failed for the first time. */
  add(write: Write): Promise<void> {
    const over = new Promise<void>((resolve) => this.waiting.push({ write, over: resolve }));
    this.say();
    this.tryAgain();
    return over;
  }

  /** When all is written, or the first of it has failed. */
  async settled(): Promise<void> {
    while (this.running) await this.running;
  }

  tryAgain(): void {
    clearTimeout(this.retry);
    if (this.running || this.waiting.length === 0) return;
    this.running = this.drain();
  }

  private async drain(): Promise<void> {
    for (let next = this.waiting[0]; next; next = this.waiting[0]) {
      try {
        await next.write();
      } catch (error) {
        this.error = error;
        // Before anybody hears of it, so that what they do next finds the queue at rest.
        this.running = undefined;
        this.say();
        for (const { over } of this.waiting) over();
        this.retry = setTimeout(() => this.tryAgain(), this.wait);
        this.wait = Math.min(this.wait * 2, LONGEST_RETRY_MS);
        return;
      }
      this.waiting.shift();
      this.error = undefined;
      this.wait = FIRST_RETRY_MS;
      const done = this.waiting.length === 0;
      if (done) this.running = undefined;
      this.say();
      next.over();
      if (done) return;
    }
  }

  private say(): void {
    this.tell({ waiting: this.waiting.length, error: this.error });
  }
}
