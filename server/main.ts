import type { AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { createApp } from './app';
import { serveUntilEnded } from './life';
import { readSettings } from './settings';

const root = fileURLToPath(new URL('../dist/app/browser', import.meta.url));

/** One sentence, and the end. */
function giveUp(sentence: string): never {
  console.error(sentence);
  process.exit(1);
}

const read = readSettings(process.env);
if ('problem' in read) giveUp(read.problem);
const { host, port, ...options } = read.settings;

const { server, end } = serveUntilEnded(createApp(root, options).callback());
server.listen(port, host);

server.on('listening', () => {
  const { port: bound } = server.address() as AddressInfo;
  console.log(`Dray is at http://${host}:${bound}`);
});

server.on('error', (error: NodeJS.ErrnoException) => {
  giveUp(
    error.code === 'EADDRINUSE'
      ? `Port ${port} on ${host} is taken. Stop what runs there, or choose another: PORT=${port + 1} npm start`
      : `Dray cannot listen on ${host}:${port}: ${error.message}`,
  );
});

for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => void end().then(() => process.exit(0)));
}
