// npm start: installs when the lock changed, builds when the code did, serves.
import { spawn } from 'node:child_process';
import { build } from './build.mjs';
import { installPackages, root } from './setup.mjs';

installPackages();
await build();
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
  cwd: root,
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
