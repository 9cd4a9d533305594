import { answerOf, ask } from './ask';

/** A worker as far as `ask` uses one, driven by the test. */
class FakeWorker {
  asked: unknown[] = [];
  ended = false;
  onmessage?: (event: { data: unknown }) => void;
  onerror?: (event: { message: string }) => void;
  onmessageerror?: () => void;
  postMessage(question: unknown): void {
    this.asked.push(question);
  }
  terminate(): void {
    this.ended = true;
  }
}

describe('ask', () => {
  let fake: FakeWorker;
  const worker = () => fake as unknown as Worker;
  const abort = new AbortController();

  beforeEach(() => {
    fake = new FakeWorker();
  });

  it('hands the question over, reports progress, answers, and ends the worker', async () => {
    const shares: number[] = [];
    const answer = ask<string, number>(worker(), 'how many?', abort.signal, (share) => shares.push(share));
    expect(fake.asked).toEqual(['how many?']);
    fake.onmessage?.({ data: { progress: 0.5 } });
    fake.onmessage?.({ data: { result: 3 } });
    expect(await answer).toBe(3);
    expect(shares).toEqual([0.5]);
    expect(fake.ended).toBeTrue();
  });

  it('says why, where the answer could not be worked out', async () => {
    const answer = ask(worker(), 'how many?', abort.signal);
    fake.onmessage?.({ data: { failed: 'no such session' } });
    await expectAsync(answer).toBeRejectedWithError('no such session');
    expect(fake.ended).toBeTrue();
  });

  it('does not wait for a worker that has died', async () => {
    const answer = ask(worker(), 'how many?', abort.signal);
    fake.onerror?.({ message: '' });
    await expectAsync(answer).toBeRejectedWithError('it stopped working');
    expect(fake.ended).toBeTrue();
  });

  it('does not wait for an answer that cannot be read', async () => {
    const answer = answerOf(worker());
    fake.onmessageerror?.();
    await expectAsync(answer).toBeRejectedWithError('its answer could not be read');
  });

  it('ends the worker when nobody waits any more', () => {
    const leaving = new AbortController();
    void ask(worker(), 'how many?', leaving.signal);
    leaving.abort();
    expect(fake.ended).toBeTrue();
  });
});
