import type { RunEvent } from '@dray/core/late';
import { until } from '../testing';
import { EventQueue } from './event-queue';
import type { Runs } from './runs';

/** A disk that is done with a write when it is told, and refuses as often as it is told. */
class SlowDisk implements Pick<Runs, 'add'> {
  readonly written: string[] = [];
  refuses = 0;
  private readonly waiting: (() => void)[] = [];

  async add(runId: string, ...events: RunEvent[]): Promise<void> {
    await new Promise<void>((resolve) => this.waiting.push(resolve));
    if (this.refuses > 0) {
      this.refuses -= 1;
      throw new Error('no room');
    }
    this.written.push(`${runId}: ${events.map(({ at }) => at).join()}`);
  }

  /** Is done with the next write that comes. */
  async write(): Promise<void> {
    await until(() => this.waiting.length > 0);
    this.waiting.shift()?.();
  }
}

const next = (at: number): RunEvent => ({ kind: 'next', at });

function queueOn(disk: SlowDisk) {
  const told = { kept: [] as string[], behind: [] as boolean[] };
  const queue = new EventQueue(
    disk as unknown as Runs,
    (runId) => told.kept.push(runId),
    (behind) => told.behind.push(behind),
  );
  return { queue, told };
}

describe('what happens on the floor', () => {
  let disk: SlowDisk;

  beforeEach(() => (disk = new SlowDisk()));

  it('is written together when it comes while the disk is busy: never further behind than one write', async () => {
    const { queue, told } = queueOn(disk);
    for (const at of [1, 2, 3, 4]) queue.add('tuesday', [next(at)]);
    await disk.write();
    await disk.write();
    await until(() => told.behind.length > 0);
    expect(disk.written).toEqual(['tuesday: 1', 'tuesday: 2,3,4']);
    expect(told).toEqual({ kept: ['tuesday', 'tuesday'], behind: [false] });
    expect(queue.of('tuesday')).toEqual([]);
  });

  it('is kept in its order, one run after the other', async () => {
    const { queue, told } = queueOn(disk);
    queue.add('tuesday', [next(1)]);
    queue.add('tuesday', [next(2)]);
    queue.add('friday', [next(3)]);
    queue.add('friday', [next(4)]);
    for (let write = 1; write <= 3; write += 1) await disk.write();
    await until(() => told.behind.length > 0);
    expect(disk.written).toEqual(['tuesday: 1', 'tuesday: 2', 'friday: 3,4']);
  });

  it('is on its way until it is on the disk, and tried again when it was refused', async () => {
    const { queue, told } = queueOn(disk);
    disk.refuses = 1;
    queue.add('tuesday', [next(1), next(2)]);
    await disk.write();
    await until(() => told.behind.length > 0);
    expect(told.behind).toEqual([true]);
    expect(queue.of('tuesday').map(({ at }) => at)).toEqual([1, 2]);
    await disk.write();
    await until(() => told.behind.length > 1);
    expect(told.behind).toEqual([true, false]);
    expect(disk.written).toEqual(['tuesday: 1,2']);
  });
});
