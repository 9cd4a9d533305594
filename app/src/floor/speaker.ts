import { inject, InjectionToken } from '@angular/core';
import type { SignalKind } from '@dray/core/late';
import { FLOOR_CLOCK } from './clock';
import { WrittenSpeaker } from './written-speaker';

/** Something to be heard at a time of the floor’s clock. */
export interface Sound {
  readonly kind: SignalKind;
  readonly at: number;
  /** What is spoken, where the browser can. */
  readonly words?: string;
}

export interface Loudness {
  readonly sounds: boolean;
  readonly voice: boolean;
  /** From 0 to 1. */
  readonly volume: number;
}

/** What makes sounds. It is told what is to be heard from now on, as often as that changes, and forgets what it was told before. */
export interface Speaker {
  /** Browsers let a page sound only after somebody has touched it. */
  wake(): void;
  expect(sounds: readonly Sound[], how: Loudness): void;
  silence(): void;
}

export const SPEAKER = new InjectionToken<Speaker>('what makes sounds', {
  providedIn: 'root',
  factory: () => {
    const clock = inject(FLOOR_CLOCK);
    const { written } = globalThis as { written?: Sound[] };
    return written ? new WrittenSpeaker(clock, written) : new BrowserSpeaker(clock);
  },
});

/** One tone of a sound: how high, from when and for how long in seconds, how loud of 1. */
type Tone = readonly [hertz: number, from: number, seconds: number, gain: number, to?: number];

/** Each can be told from the others without looking: by pitch, by rhythm, by whether it rises or falls. */
const TONES: Readonly<Record<Exclude<SignalKind, 'next'>, readonly Tone[]>> = {
  count: [[587, 0, 0.14, 0.6]],
  go: [[880, 0, 0.6, 0.9]],
  halfway: [
    [659, 0, 0.22, 0.7],
    [494, 0.2, 0.5, 0.7],
  ],
  switch: [[392, 0, 0.5, 0.8, 784]],
  lastTen: [
    [988, 0, 0.08, 0.6],
    [988, 0.16, 0.08, 0.6],
    [988, 0.32, 0.08, 0.6],
  ],
  lastFive: [[740, 0, 0.1, 0.6]],
  partOut: [[440, 0, 0.4, 0.5]],
  out: [
    [330, 0, 1, 0.9],
    [495, 0, 1, 0.5],
  ],
  blockEnd: [
    [330, 1.1, 0.3, 0.7],
    [415, 1.4, 0.3, 0.7],
    [494, 1.7, 0.7, 0.7],
  ],
  over: [
    [494, 0.2, 0.35, 0.7],
    [415, 0.6, 0.35, 0.7],
    [330, 1, 1.2, 0.8],
  ],
};

const MS = 1000;
/** So long what has sounded is remembered, so that it does not sound twice. */
const HEARD_MS = 2000;
/** What is later than this is not made up for: a bell at the wrong time is worse than none. */
const LATE_MS = 300;

/** Tones on the audio clock, told well ahead: a throttled timer or a hidden page shifts none of them. */
export class BrowserSpeaker implements Speaker {
  private context: AudioContext | undefined;
  private last: readonly [sounds: readonly Sound[], how: Loudness] | undefined;
  private due: { readonly key: string; readonly at: number; readonly end: () => void }[] = [];

  constructor(
    private readonly clock: () => number,
    private readonly newContext: () => AudioContext = () => new AudioContext(),
  ) {}

  wake(): void {
    this.context ??= this.newContext();
    if (this.context.state === 'running') return;
    void this.context
      .resume()
      // Its clock stood until now: what was to be heard is told to it again.
      .then(() => {
        if (this.last) this.expect(...this.last);
      })
      .catch(() => undefined);
  }

  expect(sounds: readonly Sound[], how: Loudness): void {
    this.last = [sounds, how];
    const now = this.clock();
    const wanted = new Map(
      sounds.map((sound) => [`${sound.kind} ${sound.at} ${how.sounds} ${how.volume} ${how.voice}`, sound]),
    );
    this.due = this.due.filter(({ key, at, end }) => {
      if (at <= now) return now - at < HEARD_MS;
      if (wanted.has(key)) return true;
      end();
      return false;
    });
    const known = new Set(this.due.map(({ key }) => key));
    for (const [key, sound] of wanted) {
      if (known.has(key) || !this.canSound(sound)) continue;
      // What was due a moment ago sounds at once.
      this.due.push({ key, at: sound.at, end: this.schedule(sound, how, Math.min(now, sound.at)) });
    }
  }

  /** A tone told to a clock that stands would come at another time. */
  private canSound({ kind, at }: Sound): boolean {
    return at > this.clock() - LATE_MS && (kind === 'next' || this.context?.state === 'running');
  }

  silence(): void {
    this.last = undefined;
    for (const { end } of this.due) end();
    this.due = [];
    globalThis.speechSynthesis?.cancel();
  }

  private schedule({ kind, at, words }: Sound, how: Loudness, now: number): () => void {
    if (kind === 'next') return how.voice && words ? this.speak(words, at - now) : () => undefined;
    const { context } = this;
    if (!context || !how.sounds || how.volume <= 0) return () => undefined;
    const when = context.currentTime + (at - now) / MS;
    const ends = TONES[kind].map((tone) => play(context, tone, when, how.volume));
    return () => {
      for (const end of ends) end();
    };
  }

  private speak(words: string, inMs: number): () => void {
    const timer = setTimeout(() => {
      globalThis.speechSynthesis?.speak(new SpeechSynthesisUtterance(words));
    }, inMs);
    return () => clearTimeout(timer);
  }
}

/** @returns what stops it before its time */
function play(context: AudioContext, [hertz, from, seconds, loud, to]: Tone, when: number, volume: number) {
  const tone = context.createOscillator();
  const gain = context.createGain();
  const start = when + from;
  tone.frequency.setValueAtTime(hertz, start);
  if (to !== undefined) tone.frequency.exponentialRampToValueAtTime(to, start + seconds);
  // A soft edge on both sides, so that no loudspeaker cracks.
  gain.gain.setValueAtTime(0, start);
  gain.gain.linearRampToValueAtTime(loud * volume, start + 0.012);
  gain.gain.setValueAtTime(loud * volume, start + seconds * 0.6);
  gain.gain.linearRampToValueAtTime(0, start + seconds);
  tone.connect(gain).connect(context.destination);
  tone.start(start);
  tone.stop(start + seconds + 0.02);
  return () => tone.disconnect();
}
