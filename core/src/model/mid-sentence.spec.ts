import { midSentence } from './index';

describe('midSentence', () => {
  it('begins small, and leaves every other letter', () => {
    expect(midSentence('Goblet squat')).toBe('goblet squat');
    expect(midSentence('Prone T raise')).toBe('prone T raise');
    expect(midSentence('Ässe halten')).toBe('ässe halten');
    expect(midSentence('')).toBe('');
  });

  it('keeps the capital of a place, of a letter that is a shape, and of what is short for something', () => {
    for (const name of ['Romanian deadlift', 'T hold', 'V-sit', 'DB press'])
      expect(midSentence(name)).toBe(name);
  });
});
