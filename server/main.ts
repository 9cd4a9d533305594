import type { AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { createApp } from './app';

const root = fileURLToPath(new URL('../dist/app/browser', import.meta.url));
const host = process.env['HOST'] ?? '127.0.0.1';
const port = Number(process.env['PORT'] ?? 4310);

const server = createApp(root).listen(port, host);

server.on('listening', () => {
  const { port: bound } = server.address() as AddressInfo;
  console.log(`Dray is at http://${host}:${bound}`);
});

server.on('error', (error: NodeJS.ErrnoException) => {
  const sentence =
    error.code === 'EADDRINUSE'
      ? `Port ${port} on ${host} is taken. Stop what runs there, or choose another: PORT=${port + 1} npm start`
      : `Dray cannot listen on ${host}:${port}: ${error.message}`;
  console.error(sentence);
  process.exit(1);
});

for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => server.close(() => process.exit(0)));
}
