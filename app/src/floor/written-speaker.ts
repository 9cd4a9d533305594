import type { Loudness, Sound, Speaker } from './speaker';

/** Stands in for a loudspeaker: writes down what would sound, and when, into a list that a test reads. */
export class WrittenSpeaker implements Speaker {
  constructor(
    private readonly clock: () => number,
    private readonly written: Sound[],
  ) {}

  wake(): void {
    // Nothing has to be woken to write.
  }

  expect(sounds: readonly Sound[], how: Loudness): void {
    this.silence();
    const said = new Set(this.written.map(({ kind, at }) => `${kind} ${at}`));
    for (const sound of sounds) {
      const heard = sound.kind === 'next' ? how.voice : how.sounds;
      if (heard && !said.has(`${sound.kind} ${sound.at}`)) this.written.push(sound);
    }
  }

  /** What has not sounded yet never will. */
  silence(): void {
    const now = this.clock();
    const passed = this.written.filter(({ at }) => at <= now);
    this.written.splice(0, this.written.length, ...passed);
  }
}
