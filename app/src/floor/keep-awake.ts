/**
 * Keeps the screen on while a class goes, where the browser can; asked for again when the page comes back to the front.
 *
 * @returns what lets it sleep again
 */
export function keepAwake(page: Document): () => void {
  let lock: { release: () => Promise<void> } | undefined;
  let over = false;
  const ask = () => {
    if (page.visibilityState !== 'visible') return;
    page.defaultView?.navigator.wakeLock
      ?.request('screen')
      .then((got) => {
        lock = got;
        if (over) void got.release();
      })
      // On an empty battery the system refuses, and the class goes on.
      .catch(() => undefined);
  };
  ask();
  page.addEventListener('visibilitychange', ask);
  return () => {
    over = true;
    page.removeEventListener('visibilitychange', ask);
    void lock?.release();
  };
}
