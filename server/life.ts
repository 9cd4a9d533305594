import { createServer, type RequestListener, type Server } from 'node:http';

/** A client has so long to say what it wants, and then to take it. */
const HEADERS_MS = 10_000;
const REQUEST_MS = 15_000;
const IDLE_MS = 5_000;
const SILENT_MS = 30_000;
const LOOK_EVERY_MS = 1_000;
const MOST_HEADERS = 64;
/** What is under way may be finished when the server is told to end; after that nobody is waited for. */
const GRACE_MS = 3_000;

/** A server that slow or silent clients cannot hold up, and how it is ended. */
export interface Serving {
  readonly server: Server;
  /** Takes nobody in any more, lets answers under way be finished for three seconds, and closes what is left. */
  readonly end: () => Promise<void>;
}

export function serveUntilEnded(answer: RequestListener): Serving {
  const server = createServer(
    {
      headersTimeout: HEADERS_MS,
      requestTimeout: REQUEST_MS,
      keepAliveTimeout: IDLE_MS,
      connectionsCheckingInterval: LOOK_EVERY_MS,
    },
    answer,
  );
  server.maxHeadersCount = MOST_HEADERS;
  server.setTimeout(SILENT_MS);

  const end = () =>
    new Promise<void>((resolve) => {
      const grace = setTimeout(() => server.closeAllConnections(), GRACE_MS);
      server.close(() => {
        clearTimeout(grace);
        resolve();
      });
      server.closeIdleConnections();
    });
  return { server, end };
}
