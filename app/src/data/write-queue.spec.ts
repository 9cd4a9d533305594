import { WriteQueue, type QueueState } from './write-queue';

describe('WriteQueue', () => {
  let told: QueueState[];
  let disk: string[];
  let full: boolean;
  let queue: WriteQueue;

  const write = (what: string) => () => {
    if (full) return Promise.reject(new Error('full'));
    disk.push(what);
    return Promise.resolve();
  };

  beforeEach(() => {
    jasmine.clock().install();
    told = [];
    disk = [];
    full = false;
    queue = new WriteQueue();
    queue.watch((state) => told.push(state));
  });

  afterEach(() => {
    jasmine.clock().uninstall();
  });

  it('writes in order and says when nothing waits', async () => {
    await Promise.all([queue.add(write('a')), queue.add(write('b'))]);
    expect(disk).toEqual(['a', 'b']);
    expect(told.at(-1)).toEqual({ waiting: 0, error: undefined });
  });

  it('keeps what failed before what comes later, and its error until it is on the disk', async () => {
    full = true;
    await queue.add(write('a'));
    await queue.add(write('b'));
    expect(told.at(-1)).toEqual({ waiting: 2, error: new Error('full') });
    full = false;
    await queue.add(write('c'));
    expect(disk).toEqual(['a', 'b', 'c']);
    expect(told.at(-1)).toEqual({ waiting: 0, error: undefined });
  });

  it('does not lose a failure behind the success of a later write', async () => {
    let refused = 0;
    const stubborn = () => {
      refused += 1;
      return refused <= 2 ? Promise.reject(new Error('full')) : write('a')();
    };
    await queue.add(stubborn);
    await queue.add(write('b'));
    expect(disk).toEqual([]);
    expect(told.at(-1)?.error).toEqual(new Error('full'));
    queue.tryAgain();
    await queue.settled();
    expect(disk).toEqual(['a', 'b']);
  });

  it('tries again by itself, ever more seldom', async () => {
    full = true;
    let tries = 0;
    await queue.add(() => {
      tries += 1;
      return write('a')();
    });
    for (const [after, expected] of [
      [999, 1],
      [1, 2],
      [1999, 2],
      [1, 3],
    ] as const) {
      jasmine.clock().tick(after);
      await queue.settled();
      expect(tries).toBe(expected);
    }
    full = false;
    jasmine.clock().tick(30_000);
    await queue.settled();
    expect(disk).toEqual(['a']);
  });

  it('is settled when it has failed: nothing waits for ever', async () => {
    full = true;
    void queue.add(write('a'));
    await queue.settled();
    expect(told.at(-1)?.waiting).toBe(1);
  });
});
