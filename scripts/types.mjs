// npm run types: every TypeScript project of this folder, with the native compiler, which takes seconds.
// Templates are checked where they are compiled: by `npm run build`, with the compiler Angular is made for.
import path from 'node:path';
import { root, run } from './setup.mjs';

const PROJECTS = ['core', 'core/tsconfig.spec.json', 'app', 'app/tsconfig.worker.json', 'server', 'e2e'];
const compiler = path.join(root, 'node_modules/typescript-7/bin/tsc');

// One checker each: four of them, as is its custom, do half of the work twice. Memory is there: it need not be tidied so often.
const failed = PROJECTS.filter(
  (project) =>
    run(process.execPath, [compiler, '--noEmit', '--checkers', '1', '--project', project], {
      env: { GOGC: '400' },
    }) !== 0,
);
if (failed.length > 0) {
  console.error(`Types do not hold in: ${failed.join(', ')}`);
  process.exit(1);
}
