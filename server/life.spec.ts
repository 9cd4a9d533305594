import { spawn } from 'node:child_process';
import { connect, type AddressInfo, type Socket } from 'node:net';
import path from 'node:path';
import { serveUntilEnded, type Serving } from './life';

/** A client that has begun to ask and says no more. */
function halfOpen(port: number): Promise<Socket> {
  return new Promise((resolve, reject) => {
    const socket = connect(port, '127.0.0.1', () => {
      socket.write('GET /plan HTTP/1.1\r\nHost: dray.example\r\n');
      resolve(socket);
    });
    socket.once('error', reject);
  });
}

async function listening(serving: Serving): Promise<number> {
  await new Promise<void>((resolve) => serving.server.listen(0, '127.0.0.1', resolve));
  return (serving.server.address() as AddressInfo).port;
}

describe('life of the server', () => {
  it('ends within five seconds, whatever its clients do', async () => {
    const serving = serveUntilEnded((_asked, response) => {
      // An answer that never comes to its end.
      response.write('…');
    });
    const port = await listening(serving);
    const silent = await halfOpen(port);
    const endless = connect(port, '127.0.0.1');
    endless.write('GET / HTTP/1.1\r\nHost: dray.example\r\n\r\n');
    await new Promise((resolve) => endless.once('data', resolve));
    const closed = [silent, endless].map(
      (socket) => new Promise((resolve) => socket.on('error', () => undefined).once('close', resolve)),
    );
    const began = Date.now();
    await serving.end();
    expect(Date.now() - began).toBeLessThan(5000);
    await Promise.all(closed);
    expect(serving.server.listening).toBeFalse();
  });

  it('answers while four hundred clients have begun to ask and say no more', async () => {
    const serving = serveUntilEnded((_asked, response) => response.end('ok'));
    const port = await listening(serving);
    const silent = await Promise.all(Array.from({ length: 400 }, () => halfOpen(port)));
    const answer = await fetch(`http://127.0.0.1:${port}/healthz`);
    expect(await answer.text()).toBe('ok');
    for (const socket of silent) socket.on('error', () => undefined).destroy();
    await serving.end();
  });

  it('gives up in one sentence where a setting makes no sense', async () => {
    const child = spawn(process.execPath, ['--import', 'tsx', path.join(import.meta.dirname, 'main.ts')], {
      env: { ...process.env, PORT: 'abc' },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let said = '';
    child.stderr.on('data', (part: Buffer) => (said += String(part)));
    const code = await new Promise((resolve) => child.once('exit', resolve));
    expect(code).toBe(1);
    expect(said.trim().split('\n')).toEqual([jasmine.stringMatching(/^PORT is not a port\. It is/)]);
  });
});
