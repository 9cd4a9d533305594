import { readdirSync } from 'node:fs';
import path from 'node:path';
import Router from '@koa/router';
import Koa, { type Context, type Middleware } from 'koa';
import compress from 'koa-compress';
import conditional from 'koa-conditional-get';
import etag from '@koa/etag';
import helmet from 'koa-helmet';
import send from 'koa-send';
import serve from 'koa-static';

/** Names the build gives to files whose content never changes: "main-B7YWWCHH.js", "chunk-C0_1Gos-.js". */
const HASHED = /-[\w-]{8}\.\w+$/;
const YEAR_SECONDS = 365 * 24 * 60 * 60;
const READ_ONLY = ['GET', 'HEAD'];

/** What the page may ask of the device: to stay lit while a class is run, and nothing else. */
const PERMISSIONS = [
  'screen-wake-lock=(self)',
  ...[
    'accelerometer',
    'bluetooth',
    'camera',
    'display-capture',
    'geolocation',
    'gyroscope',
    'hid',
    'magnetometer',
    'microphone',
    'midi',
    'payment',
    'publickey-credentials-get',
    'serial',
    'usb',
    'xr-spatial-tracking',
  ].map((feature) => `${feature}=()`),
].join(', ');

export interface AppOptions {
  /** Names it answers to; any when empty or absent. */
  readonly allowedHosts?: readonly string[];
  /** Whether a proxy in front speaks https. */
  readonly behindTls?: boolean;
}

/**
 * Dray's server: the built application and nothing else. It keeps nothing and knows nobody.
 *
 * @param root the folder with the built application and its index.html
 */
export function createApp(root: string, { allowedHosts = [], behindTls = false }: AppOptions = {}): Koa {
  const app = new Koa();
  const router = new Router();

  // A file needs only what applies to a file, as headers cost more than small chunks.
  const forFiles = helmet({
    contentSecurityPolicy: false,
    crossOriginEmbedderPolicy: true,
    crossOriginOpenerPolicy: false,
    originAgentCluster: false,
    referrerPolicy: false,
    strictTransportSecurity: false,
    xDnsPrefetchControl: false,
    xDownloadOptions: false,
    xFrameOptions: false,
    xPermittedCrossDomainPolicies: false,
    xXssProtection: false,
  });
  const forPages = helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        workerSrc: ["'self'"],
        // Angular puts the styles of a component into the page when it is first shown. A nonce would have to be another in each
        // answer, and the copy kept for the train must stay the very bytes the build has signed.
        styleSrc: ["'self'", "'unsafe-inline'"],
        fontSrc: ["'self'"],
        imgSrc: ["'self'", 'data:'],
        connectSrc: ["'self'"],
        manifestSrc: ["'self'"],
        baseUri: ["'self'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
        requireTrustedTypesFor: ["'script'"],
        trustedTypes: ['angular', 'angular#components', 'default'],
      },
    },
    crossOriginEmbedderPolicy: true,
    strictTransportSecurity: behindTls && { maxAge: YEAR_SECONDS, includeSubDomains: false },
  });

  app.use(onlyFor(allowedHosts));
  const isFile = fileRule(root);
  app.use((context, next) => (isFile(context.path) ? forFiles : forPages)(context, next));
  app.use(onlyReading);
  app.use(whatCanBeRead);
  app.use(compress());
  app.use(conditional());
  // The same whichever way it is packed.
  app.use(etag({ weak: true }));

  router.get('/healthz', (context) => {
    context.set('Cache-Control', 'no-store');
    context.body = { status: 'ok' };
  });
  app.use(router.routes());

  // Packed copies beside the files (.br, .gz) come from the build.
  app.use(
    serve(root, {
      index: false,
      setHeaders: (response, file) => {
        const name = path.basename(file).replace(/\.(br|gz)$/, '');
        const cache = HASHED.test(name) ? `public, max-age=${YEAR_SECONDS}, immutable` : 'no-cache';
        response.setHeader('Cache-Control', cache);
      },
    }),
  );

  // Whatever is left: a route of the application, or a file that is not there.
  app.use(async (context) => {
    if (isFile(context.path)) {
      context.status = 404;
      context.type = 'text/plain';
      context.body = 'Not found';
      return;
    }
    context.set('Cache-Control', 'no-cache');
    await send(context, 'index.html', { root });
  });
  return app;
}

/**
 * Tells files from routes of the application. A file has an ending, and stands beside the page or in one of its folders; the
 * page itself is a page by any name, and so is the address of a person whose id has a dot in it.
 */
function fileRule(root: string): (requested: string) => boolean {
  const entries = readdirSync(root, { withFileTypes: true });
  const folders = new Set(entries.filter((entry) => entry.isDirectory()).map(({ name }) => name));
  return (requested) => {
    const ending = path.extname(requested);
    if (ending === '' || ending.toLowerCase() === '.html') return false;
    const [first = '', ...rest] = requested.split('/').filter((part) => part !== '');
    return rest.length === 0 || folders.has(first);
  };
}

/** Answers to its own names alone, so that no other name can be made to lead here. */
function onlyFor(names: readonly string[]): Middleware {
  return async (context, next) => {
    if (names.length > 0 && !names.includes(context.hostname.toLowerCase())) {
      refuse(context, 421, 'Dray does not answer to this name. Whoever runs it can add it to ALLOWED_HOSTS.');
      return;
    }
    context.set('Permissions-Policy', PERMISSIONS);
    await next();
  };
}

const onlyReading: Middleware = async (context, next) => {
  if (READ_ONLY.includes(context.method)) {
    // Files go out whole: none is so long that a part of it would be worth asking for.
    context.set('Accept-Ranges', 'none');
    await next();
    return;
  }
  context.set('Allow', READ_ONLY.join(', '));
  refuse(context, 405, 'Only GET and HEAD are answered here');
};

/** Sends as it is what a browser, by a muddled Accept-Encoding, would take in no way at all. */
const whatCanBeRead: Middleware = async (context, next) => {
  if (!context.acceptsEncodings('br', 'gzip', 'identity')) context.compress = false;
  await next();
};

function refuse(context: Context, status: number, sentence: string): void {
  context.status = status;
  context.type = 'text/plain';
  context.body = sentence;
}
