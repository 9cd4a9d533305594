import { ownScript } from './own-scripts';

describe('own scripts', () => {
  it('come from where the page came from', () => {
    expect(ownScript('worker-ABCDEF12.js')).toBe('worker-ABCDEF12.js');
    expect(ownScript(`${location.origin}/keep-worker.js`)).toBe(`${location.origin}/keep-worker.js`);
  });

  it('and from nowhere else', () => {
    for (const address of ['https://elsewhere.example/x.js', '//elsewhere.example/x.js', 'data:,alert(1)']) {
      expect(() => ownScript(address))
        .withContext(address)
        .toThrowError(TypeError);
    }
  });
});
