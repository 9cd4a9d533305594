// The specs of the application, built as the application is: what they try is the code that is shipped. Its entry imports
// `every-spec`: all of them, or with `only` those with one of its words in their path.
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { createBuilder } from '@angular-devkit/architect';
import { buildApplication } from '@angular/build';
import { ANGULARS, nativeSpread } from './native-spread.mjs';

const specsIn = (folder, only) => ({
  name: 'specs',
  setup(build) {
    build.onResolve({ filter: /^every-spec$/ }, ({ path }) => ({
      path,
      namespace: 'specs',
      sideEffects: true,
    }));
    build.onLoad({ filter: /./, namespace: 'specs' }, () => {
      const specs = readdirSync(folder, { recursive: true })
        .filter((file) => file.endsWith('.spec.ts'))
        .filter((file) => only.length === 0 || only.some((word) => file.includes(word)));
      if (specs.length === 0)
        return { errors: [{ text: `No spec of the application has ${only.join(' or ')} in its path.` }] };
      const contents = specs.map((file) => `import './${file}';`).join('\n');
      return { contents, resolveDir: folder };
    });
  },
});

export default createBuilder(async function* ({ only = [], ...options }, context) {
  const checked = await context.validateOptions(options, ANGULARS);
  const folder = path.join(context.workspaceRoot, path.dirname(checked.browser));
  yield* buildApplication(checked, context, { codePlugins: [nativeSpread, specsIn(folder, only)] });
});
