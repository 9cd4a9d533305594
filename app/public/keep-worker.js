// Keeps the application for the train with Angular's worker, which would take over the open page first and fetch everything
// after: a screen opened meanwhile waits for all of it. Here it takes the page over when all is kept.
const claim = self.clients.claim.bind(self.clients);
self.clients.claim = () => Promise.resolve();

self.addEventListener('message', (event) => {
  if (event.data?.action !== 'INITIALIZE') return;
  const waitUntil = event.waitUntil.bind(event);
  event.waitUntil = (everythingKept) => waitUntil(everythingKept.then(claim));
});

importScripts('ngsw-worker.js');
