import { readFileSync } from 'node:fs';
import angular from 'angular-eslint';
import prettier from 'eslint-config-prettier';
import jsdoc from 'eslint-plugin-jsdoc';
import tseslint from 'typescript-eslint';
import nativeControls from './scripts/lint/native-controls.mjs';

/** Inside core, imports point one way: a folder may know only those before it in this list (and not itself by name). */
const CORE_LAYERS = [
  'units',
  'model',
  'body',
  'figure',
  'strength',
  'kit',
  'ladder',
  'caution',
  'library',
  'placement',
  'plan',
  'naming',
  'compose',
  'reason',
  'resolve',
  'progress',
  'program',
  'logging',
  'floor',
  'review',
  'formats',
];

/** What a layer may not know although it comes before: units and model know nobody. */
const KNOWS_NOBODY = ['units', 'model'];

const OUTWARD = [
  '@dray/core',
  '@dray/demo',
  '@angular/*',
  '@ngrx/*',
  'dexie',
  'koa',
  'rxjs',
  'node:*',
  '**/app/**',
  '**/server/**',
];

// What only the second door opens stands in no index: it is entered by its own name.
const LATE = [
  ...readFileSync(new URL('core/src/late.ts', import.meta.url), 'utf8').matchAll(/'\.\/([\w-]+\/[\w-]+)'/g),
].map(([, file]) => `!../${file}`);

const EXPORTED_FUNCTIONS = ['ExportNamedDeclaration > FunctionDeclaration'];

/** Attributes that hold a name of the code, not words that are read. */
const NOT_WORDS = [
  'accept',
  'align',
  'aria-describedby',
  'aria-labelledby',
  'aria-live',
  'ariaCurrentWhenActive',
  'autocomplete',
  'cdkDragLockAxis',
  'class',
  'content',
  'd',
  'data-testid',
  'displayMode',
  'hideIcon',
  'id',
  'inputmode',
  'matButton',
  'matColumnDef',
  'mode',
  'name',
  'orientation',
  'position',
  'preserveAspectRatio',
  'property',
  'rel',
  'role',
  'routerLink',
  'scope',
  'spellcheck',
  'svgIcon',
  'text-anchor',
  'type',
  'unit',
  'viewBox',
];

const coreBoundaries = CORE_LAYERS.map((layer, at) => {
  const forbidden = KNOWS_NOBODY.includes(layer)
    ? CORE_LAYERS.filter((other) => other !== layer)
    : CORE_LAYERS.slice(at + 1);
  return {
    files: [`core/src/${layer}/**/*.ts`],
    ignores: ['**/*.spec.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            ...(forbidden.length > 0
              ? [
                  {
                    group: forbidden.map((other) => `../${other}`),
                    message: `core/${layer} may not know this folder.`,
                  },
                ]
              : []),
            { group: ['../*/*', '!../../model', ...LATE], message: 'A folder is entered through its index.' },
            { group: OUTWARD, message: 'Core is pure: no application, no server, no platform.' },
          ],
        },
      ],
    },
  };
});

export default tseslint.config(
  {
    ignores: ['dist/', 'node_modules/', '.angular/', 'test-results/', 'playwright-report/', 'scripts/*.cjs'],
  },
  {
    files: ['**/*.ts'],
    extends: [...tseslint.configs.strict, ...tseslint.configs.stylistic],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-extraneous-class': ['error', { allowWithDecorator: true }],
      '@typescript-eslint/no-invalid-void-type': 'off', // output<void>()
      // Fails on generic calls in class fields.
      '@typescript-eslint/unified-signatures': 'off',
      eqeqeq: 'error',
      'no-restricted-globals': ['error', { name: 'event', message: 'Take the event as an argument.' }],
    },
  },
  ...coreBoundaries,
  {
    files: ['app/src/**/*.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'CallExpression[callee.name="linkedSignal"] Property[key.name="source"][value.type="ArrowFunctionExpression"]',
          message:
            'A function is run anew with everything it reads, and takes back what was typed or chosen: give a signal, computed where need be.',
        },
      ],
    },
  },
  {
    // No clock and no randomness but as arguments.
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.spec.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Core takes randomness as an argument.' },
        { object: 'Date', property: 'now', message: 'Core takes the time as an argument.' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: 'NewExpression[callee.name="Date"][arguments.length=0]',
          message: 'Core takes the time as an argument.',
        },
      ],
    },
  },
  {
    // Where the rules of the trade are: what goes in, and one call with its answer.
    files: ['resolve', 'progress', 'program', 'review', 'reason'].map((layer) => `core/src/${layer}/**/*.ts`),
    ignores: ['**/*.spec.ts'],
    plugins: { jsdoc },
    rules: {
      'jsdoc/require-jsdoc': [
        'error',
        { publicOnly: true, require: { FunctionDeclaration: true, ArrowFunctionExpression: true } },
      ],
      'jsdoc/require-param': [
        'error',
        { checkDestructured: false, checkDestructuredRoots: false, contexts: EXPORTED_FUNCTIONS },
      ],
      'jsdoc/require-example': ['error', { contexts: EXPORTED_FUNCTIONS }],
    },
    settings: { jsdoc: { mode: 'typescript' } },
  },
  {
    files: ['app/src/**/*.ts'],
    extends: [...angular.configs.tsRecommended],
    processor: angular.processInlineTemplates,
    rules: {
      '@angular-eslint/component-selector': [
        'error',
        { type: 'element', prefix: 'dray', style: 'kebab-case' },
      ],
      '@angular-eslint/prefer-on-push-component-change-detection': 'error',
      '@angular-eslint/component-class-suffix': 'off',
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['**/core/src/**', '**/server/**'],
              message: 'Core is @dray/core; the server is not for the app.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['app/src/**/*.html'],
    ignores: ['app/src/index.html', '**/*.spec.ts/**'],
    extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility],
    plugins: { dray: { rules: { 'native-controls': nativeControls } } },
    rules: {
      'dray/native-controls': 'error',
      // Every word on a screen is marked for translation; data, numbers and key names are not words.
      '@angular-eslint/template/i18n': [
        'error',
        {
          checkId: false,
          checkDuplicateId: false,
          boundTextAllowedPattern: '^[^a-zA-Z]*$',
          allowMarkupInContent: true,
          ignoreTags: ['kbd'],
          ignoreAttributes: NOT_WORDS,
        },
      ],
    },
  },
  {
    files: ['server/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: ['**/app/**'], message: 'The server does not know the app.' }] },
      ],
    },
  },
  {
    // The methods of a store are one function: what grows longer has a part that can stand by itself.
    files: ['app/src/**/*.ts', 'core/src/**/*.ts', 'server/**/*.ts'],
    ignores: ['**/*.spec.ts'],
    rules: { 'max-lines-per-function': ['error', { max: 180 }] },
  },
  {
    // In tests what is not there may fail loudly.
    files: ['**/*.spec.ts', 'core/testing/**/*.ts', 'e2e/**/*.ts', 'bench/**/*.ts'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  prettier,
);
