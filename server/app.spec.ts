import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
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

  it('gives the shell for every route of the application, never cached', async () => {
    for (const route of ['/', '/plan', '/card/odile']) {
      const response = await fetch(base + route);
      expect(response.status).toBe(200);
      expect(response.headers.get('cache-control')).toBe('no-store');
      expect(await response.text()).toContain('<title>Dray</title>');
    }
  });

  it('lets hashed files be kept for long, and others only after asking', async () => {
    const hashed = await fetch(`${base}/main-ABCDEF12.js`);
    expect(hashed.headers.get('cache-control')).toBe('public, max-age=31536000, immutable');
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

  it('refuses everything but reading', async () => {
    const response = await fetch(`${base}/plan`, { method: 'POST', body: 'x' });
    expect(response.status).toBe(405);
  });

  it('forbids inline scripts and framing', async () => {
    const policy = (await fetch(base)).headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("script-src 'self';");
    expect(policy).not.toContain('unsafe-eval');
    expect(policy).toContain("frame-ancestors 'none'");
    expect((await fetch(base)).headers.get('x-content-type-options')).toBe('nosniff');
  });
});
