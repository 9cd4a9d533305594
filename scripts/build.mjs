// Builds the application into dist/app and packs every file beside itself. Does nothing when nothing has changed.
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import { installPackages, root, run } from './setup.mjs';

const SOURCES = [
  'app',
  'core/package.json',
  'core/src',
  'demo',
  'angular.json',
  'package-lock.json',
  'tsconfig.base.json',
  'scripts/build.mjs',
  'scripts/join-chunks.mjs',
  'scripts/builder',
];
const output = path.join(root, 'dist/app/browser');
const stampFile = path.join(root, 'dist/app/.built-from');

function filesIn(name) {
  const full = path.join(root, name);
  if (statSync(full).isFile()) return [name];
  return readdirSync(full)
    .sort()
    .flatMap((entry) => filesIn(path.join(name, entry)));
}

function fingerprint() {
  const hash = createHash('sha256');
  for (const file of SOURCES.flatMap(filesIn)) hash.update(file).update(readFileSync(path.join(root, file)));
  return hash.digest('hex');
}

/** Packed as small as can be, once, so that the server never spends time on it; every processor takes files, the largest first. */
async function pack() {
  const files = readdirSync(output, { recursive: true })
    .map((entry) => path.join(output, String(entry)))
    .filter((file) => /\.(js|css|html|json|svg|webmanifest)$/.test(file))
    .map((file) => ({ file, size: statSync(file).size }))
    .filter(({ size }) => size >= 500)
    .sort((one, other) => other.size - one.size);
  await Promise.all(files.map(packFile));
}

async function packFile({ file, size }) {
  const content = await readFile(file);
  const params = {
    [constants.BROTLI_PARAM_QUALITY]: 11,
    [constants.BROTLI_PARAM_MODE]: constants.BROTLI_MODE_TEXT,
    [constants.BROTLI_PARAM_SIZE_HINT]: size,
  };
  await writeFile(`${file}.br`, await promisify(brotliCompress)(content, { params }));
  await writeFile(`${file}.gz`, await promisify(gzip)(content, { level: 9 }));
}

function must(command, args, env = {}) {
  if (run(command, args, { quiet: true, env }) === 0) return;
  console.error('The build failed; see above.');
  process.exit(1);
}

export async function build() {
  const stamp = fingerprint();
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === stamp) return;
  console.log('Building …');
  // Few larger files rather than many small ones: they pack smaller, and a browser asks for six at a time.
  must('npx', ['ng', 'build', 'app'], { NG_BUILD_OPTIMIZE_CHUNKS: 'true' });
  // Loaded here: this file is read before there are packages.
  const { joinChunks } = await import('./join-chunks.mjs');
  await joinChunks(output);
  must('npx', ['ngsw-config', path.relative(root, output), 'app/ngsw-config.json']);
  await pack();
  writeFileSync(stampFile, stamp);
}

if (process.argv[1] === path.join(root, 'scripts/build.mjs')) {
  installPackages();
  await build();
}
