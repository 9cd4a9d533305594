// Serves the built application for a script that drives it, on a port of its own, and stops only what it started.
import { spawn } from 'node:child_process';
import { build } from './build.mjs';
import { root } from './setup.mjs';

export async function serveFor(port, work) {
  await build();
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    cwd: root,
    env: { ...process.env, PORT: String(port), HOST: '127.0.0.1' },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  const base = `http://127.0.0.1:${port}`;
  try {
    for (let tries = 0; tries < 100; tries += 1) {
      const up = await fetch(`${base}/healthz`).then(
        (response) => response.ok,
        () => false,
      );
      if (up) break;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    return await work(base);
  } finally {
    server.kill();
  }
}
