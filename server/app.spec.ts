import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createApp } from './app';

describe('server', () => {
  let root: string;
  let server: Server;
  let base: string;

  beforeAll(async () => {
    root = mkdtempSync(path.join(tmpdir(), 'dray-server-'));
    writeFileSync(
      path.join(root, 'index.html'),
      `<!doctype html><title>Dray</title>${'<!-- shell -->'.repeat(200)}`,
    );
    writeFileSync(path.join(root, 'main-ABCDEF12.js'), `export const dray = '${'x'.repeat(4000)}';`);
    writeFileSync(path.join(root, 'chunk-C0_1Gos-.js'), 'export {};');
    writeFileSync(path.join(root, 'ngsw.json'), '{}');
    server = createServer(createApp(root).callback());
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  });

  afterAll(async () => {
    await new Promise((resolve) => server.close(resolve));
    rmSync(root, { recursive: true });
  });

  it('says that it is well', async () => {
    const response = await fetch(`${base}/healthz`);
    expect(response.status).toBe(200);
    expect(await response.json()).toEqual({ status: 'ok' });
  });

  it('gives the shell for every route of the application, asked for anew each time', async () => {
    for (const route of ['/', '/plan', '/card/odile', '/index.html']) {
      const response = await fetch(base + route);
      expect(response.status).toBe(200);
      expect(response.headers.get('cache-control')).toBe('no-cache');
      expect(await response.text()).toContain('<title>Dray</title>');
    }
  });

  it('lets hashed files be kept for long, and others only after asking', async () => {
    const hashed = await fetch(`${base}/main-ABCDEF12.js`);
    expect(hashed.headers.get('cache-control')).toBe('public, max-age=31536000, immutable');
    const small = await fetch(`${base}/chunk-C0_1Gos-.js`);
    expect(small.headers.get('cache-control')).toBe('public, max-age=31536000, immutable');
    const plain = await fetch(`${base}/ngsw.json`);
    expect(plain.headers.get('cache-control')).toBe('no-cache');
  });

  it('packs what it sends', async () => {
    const packed = await fetch(`${base}/main-ABCDEF12.js`, { headers: { 'accept-encoding': 'br' } });
    expect(packed.headers.get('content-encoding')).toBe('br');
    const shell = await fetch(base, { headers: { 'accept-encoding': 'gzip' } });
    expect(shell.headers.get('content-encoding')).toBe('gzip');
  });

  it('answers a plain 404 for a missing file, not the shell', async () => {
    const response = await fetch(`${base}/chunk-GONEGONE.js`);
    expect(response.status).toBe(404);
    expect(await response.text()).toBe('Not found');
    expect(response.headers.get('content-type')).toContain('text/plain');
  });

  it('stays inside its folder', async () => {
    const response = await fetch(`${base}/..%2f..%2fetc%2fpasswd`);
    expect(response.status).not.toBe(200);
  });

  it('refuses everything but reading, and says what it answers', async () => {
    for (const method of ['POST', 'PUT', 'DELETE', 'OPTIONS', 'PROPFIND', 'PURGE']) {
      for (const place of ['/plan', '/healthz', '/main-ABCDEF12.js']) {
        const response = await fetch(base + place, { method });
        expect(response.status).withContext(`${method} ${place}`).toBe(405);
        expect(response.headers.get('allow')).toBe('GET, HEAD');
      }
    }
  });

  /** Asked with headers as a client may write them; `fetch` would put its own in their place. */
  const asking = (place: string, headers: Readonly<Record<string, string>>) =>
    new Promise<{ readonly status: number; readonly encoding: string; readonly body: Buffer }>(
      (resolve, reject) => {
        const asked = request(base + place, { headers }, (response) => {
          const parts: Buffer[] = [];
          response.on('data', (part: Buffer) => parts.push(part));
          response.on('end', () =>
            resolve({
              status: response.statusCode ?? 0,
              encoding: response.headers['content-encoding'] ?? '',
              body: Buffer.concat(parts),
            }),
          );
        });
        asked.on('error', reject).end();
      },
    );

  it('says that nothing has changed when nothing has', async () => {
    for (const place of ['/', '/index.html', '/ngsw.json', '/main-ABCDEF12.js']) {
      const first = await fetch(base + place);
      const etag = first.headers.get('etag') ?? '';
      expect(etag).withContext(place).not.toBe('');
      const again = await asking(place, { 'if-none-match': etag });
      expect(again.status).toBe(304);
      expect(again.body.length).toBe(0);
    }
  });

  it('sends files whole, and says so', async () => {
    const response = await fetch(`${base}/main-ABCDEF12.js`, { headers: { range: 'bytes=0-9' } });
    expect(response.status).toBe(200);
    expect(response.headers.get('accept-ranges')).toBe('none');
    expect((await response.text()).length).toBeGreaterThan(4000);
  });

  it('answers whatever a client says it can unpack', async () => {
    const odd = [
      '',
      '*',
      '*;q=0',
      'identity;q=0',
      'br;q=nonsense',
      'gzip;q=-1',
      ',,;',
      '__proto__',
      'constructor',
    ];
    for (const encoding of [...odd, 'x'.repeat(5000)]) {
      for (const place of ['/', '/main-ABCDEF12.js', '/healthz']) {
        const response = await asking(place, { 'accept-encoding': encoding });
        expect(response.status)
          .withContext(`${encoding.slice(0, 20)} ${place}`)
          .toBe(200);
        if (response.encoding === '') expect(response.body.toString()).toMatch(/Dray|dray|ok/);
        else expect(response.encoding).toMatch(/^(br|gzip|deflate)$/);
      }
    }
  });

  it('answers to its own names alone when it is given any', async () => {
    const named = createServer(createApp(root, { allowedHosts: ['dray.example'] }).callback());
    await new Promise<void>((resolve) => named.listen(0, '127.0.0.1', resolve));
    const { port } = named.address() as AddressInfo;
    const ask = (host: string) =>
      new Promise<number>((resolve, reject) =>
        request({ port, host: '127.0.0.1', headers: { host } }, (response) => {
          response.resume();
          resolve(response.statusCode ?? 0);
        })
          .on('error', reject)
          .end(),
      );
    expect(await ask('dray.example')).toBe(200);
    expect(await ask(`DRAY.example:${port}`)).toBe(200);
    expect(await ask('elsewhere.example')).toBe(421);
    await new Promise((resolve) => named.close(resolve));
  });

  it('tells browsers to keep to https only where a proxy speaks it', async () => {
    const behind = createServer(createApp(root, { behindTls: true }).callback());
    await new Promise<void>((resolve) => behind.listen(0, '127.0.0.1', resolve));
    const { port } = behind.address() as AddressInfo;
    const secure = await fetch(`http://127.0.0.1:${port}/`);
    expect(secure.headers.get('strict-transport-security')).toContain('max-age=31536000');
    expect((await fetch(base)).headers.get('strict-transport-security')).toBeNull();
    await new Promise((resolve) => behind.close(resolve));
  });

  it('forbids inline scripts and framing on every page, the one that is kept for the train included', async () => {
    for (const place of ['/', '/plan', '/index.html', '/people/mara.b']) {
      const { headers } = await fetch(base + place);
      const policy = headers.get('content-security-policy') ?? '';
      expect(policy).withContext(place).toContain("default-src 'none'");
      expect(policy).toContain("script-src 'self';");
      expect(policy).toContain("require-trusted-types-for 'script'");
      expect(policy).not.toContain('unsafe-eval');
      expect(policy).toContain("frame-ancestors 'none'");
      expect(headers.get('permissions-policy')).toContain('camera=()');
      expect(headers.get('cross-origin-embedder-policy')).toBe('require-corp');
      expect(headers.get('cross-origin-opener-policy')).toBe('same-origin');
      expect(headers.get('x-content-type-options')).toBe('nosniff');
    }
  });

  it('takes the end of an address for a file only where it is one of the application', async () => {
    // A person whose id holds a dot.
    const person = await fetch(`${base}/people/mara.b`, { headers: { accept: 'text/html' } });
    expect(person.status).toBe(200);
    expect(person.headers.get('content-security-policy')).toContain("default-src 'none'");
  });
});
