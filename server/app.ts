import { readFileSync } from 'node:fs';
import path from 'node:path';
import Router from '@koa/router';
import Koa from 'koa';
import compress from 'koa-compress';
import helmet from 'koa-helmet';
import serve from 'koa-static';

/** Names the build gives to files whose content never changes: "chunk-ABCDEF12.js". */
const HASHED = /-[A-Z0-9]{8}\.\w+$/;
const YEAR_SECONDS = 365 * 24 * 60 * 60;

/**
 * Dray's server: the built application and nothing else. It keeps nothing and knows nobody.
 *
 * @param root the folder with the built application and its index.html
 */
export function createApp(root: string): Koa {
  const shell = readFileSync(path.join(root, 'index.html'), 'utf8');
  const app = new Koa();
  const router = new Router();

  // The page gets the whole set; a file needs only what applies to a file, as headers cost more than small chunks.
  const forFiles = helmet({
    contentSecurityPolicy: false,
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
        // Angular puts the styles of a component into the page when it is first shown.
        styleSrc: ["'self'", "'unsafe-inline'"],
        fontSrc: ["'self'"],
        imgSrc: ["'self'", 'data:'],
        connectSrc: ["'self'"],
        manifestSrc: ["'self'"],
        baseUri: ["'self'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
      },
    },
    // Served over plain http on this machine; whoever puts it behind https adds this there.
    strictTransportSecurity: false,
  });

  app.use((context, next) => (isFile(context.path) ? forFiles : forPages)(context, next));
  app.use(compress());

  router.get('/healthz', (context) => {
    context.set('Cache-Control', 'no-store');
    context.body = { status: 'ok' };
  });
  app.use(router.routes());
  app.use(router.allowedMethods());

  app.use(
    // Packed copies beside the files (.br, .gz) come from the build.
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
  app.use((context) => {
    const isRoute = ['GET', 'HEAD'].includes(context.method) && !isFile(context.path);
    if (!isRoute) {
      context.status = context.method === 'GET' || context.method === 'HEAD' ? 404 : 405;
      context.type = 'text/plain';
      context.body = context.status === 404 ? 'Not found' : 'Only GET is answered here';
      return;
    }
    context.set('Cache-Control', 'no-store');
    context.type = 'html';
    context.body = shell;
  });
  return app;
}

/** A path with an ending names a file; routes of the application have none. */
function isFile(requested: string): boolean {
  return path.extname(requested) !== '';
}
