// npm run dev: the application with reload, for work on it.
import { installPackages, run } from './setup.mjs';

installPackages();
process.exit(
  run('npx', [
    'ng',
    'serve',
    'app',
    '--host',
    process.env.HOST ?? '127.0.0.1',
    '--port',
    process.env.PORT ?? '4310',
  ]),
);
