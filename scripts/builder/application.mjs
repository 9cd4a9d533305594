// Angular's own build of an application, but for one thing: it writes every object spread out as calls of helpers, for the sake of
// browsers of years ago. Those of today are faster with the language's own: a third less time from an edit to a painted board.
import { createBuilder } from '@angular-devkit/architect';
import { buildApplication } from '@angular/build';
import { ANGULARS, nativeSpread } from './native-spread.mjs';

export default createBuilder(async function* (options, context) {
  const checked = await context.validateOptions(options, ANGULARS);
  yield* buildApplication(checked, context, { codePlugins: [nativeSpread] });
});
