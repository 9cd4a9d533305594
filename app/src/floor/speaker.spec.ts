import { BrowserSpeaker } from './speaker';

const ALL = { sounds: true, voice: false, volume: 1 };

describe('BrowserSpeaker', () => {
  /** An audio clock as far as tones need one: what was told to it, and what was taken back. */
  function audio() {
    const told: { at: number; stopped: boolean }[] = [];
    const parameter = {
      setValueAtTime: () => undefined,
      linearRampToValueAtTime: () => undefined,
      exponentialRampToValueAtTime: () => undefined,
    };
    const context = {
      currentTime: 5,
      state: 'suspended',
      destination: {},
      resume: async () => {
        context.state = 'running';
      },
      createGain: () => ({ gain: parameter, connect: (to: unknown) => to }),
      createOscillator: () => {
        const one = { at: 0, stopped: false };
        told.push(one);
        return {
          frequency: parameter,
          connect: (to: unknown) => to,
          start: (at: number) => (one.at = at),
          stop: () => undefined,
          disconnect: () => (one.stopped = true),
        };
      },
    };
    return { told, context: context as unknown as AudioContext };
  }

  it('tells tones to the audio clock ahead of time, and nothing while that clock stands', async () => {
    let now = 100_000;
    const { told, context } = audio();
    const speaker = new BrowserSpeaker(
      () => now,
      () => context,
    );
    speaker.expect([{ kind: 'count', at: 103_000 }], ALL);
    expect(told).toEqual([]);
    speaker.wake();
    await Promise.resolve();
    await Promise.resolve();
    // 5 s on the audio clock is now; the tone is three seconds on.
    expect(told.map(({ at }) => at)).toEqual([8]);
    // Told again it is the same tone, wherever a timer has got to meanwhile.
    now += 700;
    speaker.expect([{ kind: 'count', at: 103_000 }], ALL);
    expect(told.length).toBe(1);
  });

  it('takes back what is not to be heard any more, and makes up for no bell that is late', async () => {
    const now = 100_000;
    const { told, context } = audio();
    const speaker = new BrowserSpeaker(
      () => now,
      () => context,
    );
    speaker.wake();
    await Promise.resolve();
    speaker.expect([{ kind: 'count', at: 103_000 }], ALL);
    speaker.expect([{ kind: 'count', at: 99_000 }], ALL);
    expect(told.map(({ stopped }) => stopped)).toEqual([true]);
    speaker.expect([{ kind: 'count', at: 104_000 }], { ...ALL, sounds: false });
    expect(told.length).toBe(1);
  });
});
