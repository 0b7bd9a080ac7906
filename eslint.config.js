import js from '@eslint/js';
import ts from 'typescript-eslint';

// A room may use the rooms below it, never those above. What each may import of ours:
const MAY_USE = {
  core: [],
  contract: ['core'],
  standins: [],
  press: ['core'],
  mail: ['press'],
  'sign-in': ['core', 'press'],
  cms: ['core', 'mail', 'press', 'sign-in'],
  host: ['core', 'press', 'mail', 'sign-in', 'cms'],
  server: ['core', 'contract', 'mail', 'press', 'sign-in'],
  surface: ['core'],
  web: ['core', 'contract', 'surface'],
  desk: ['surface'],
  e2e: ['core', 'contract', 'press', 'cms', 'server'],
};
// What its tests may use besides: the programs it speaks with, started for real.
const TESTS_MAY_USE = { server: ['cms', 'host', 'standins'] };
// The rooms of core from the ground up: each may use those before it.
const CORE_ROOMS = [
  'ground',
  'model',
  'language',
  'look',
  'operations',
  'brief',
  'collections',
  'making',
  'page',
  'care',
];
const IO = ['node:fs', 'node:fs/promises', 'node:path', 'node:crypto', 'node:net', 'node:http', 'pg', 'express'].map(
  (name) => ({
    name,
    message: 'This room does no I/O of its own.',
  }),
);
const rooms = Object.keys(MAY_USE);

const direction = (room, mayUse, files) => {
  const others = rooms.filter((other) => other !== room);
  const barred = others.filter((other) => !mayUse.includes(other));
  return {
    files,
    rules: {
      'no-restricted-imports': [
        'error',
        {
          ...((room === 'core' || room === 'web' || room === 'desk') && { paths: IO }),
          patterns: [
            {
              group: barred.flatMap((other) => [`@tin-porch/${other}`, `@tin-porch/${other}/*`]),
              message: `${room} may use ${mayUse.join(', ') || 'no other room'} only.`,
            },
            {
              group: others.map((other) => `**/../${other}/**`),
              message: 'Import another room by its package name.',
            },
          ],
        },
      ],
    },
  };
};
const directions = [
  ...rooms.map((room) => direction(room, MAY_USE[room], [`${room}/**/*.{ts,tsx}`])),
  ...Object.entries(TESTS_MAY_USE).map(([room, more]) =>
    direction(room, [...MAY_USE[room], ...more], [`${room}/**/*.spec.ts`, `${room}/src/testing/**/*.ts`]),
  ),
];

const upward = CORE_ROOMS.slice(0, -1).map((room, n) => ({
  files: [`core/src/${room}/**/*.{ts,tsx}`],
  ignores: ['**/*.spec.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        paths: IO,
        patterns: [
          {
            group: [...CORE_ROOMS.slice(n + 1), 'fixtures'].flatMap((above) => [`../${above}/**`, `**/../${above}/**`]),
            message: `${room} stands below: it may use ${CORE_ROOMS.slice(0, n).join(', ') || 'no other room'} only.`,
          },
          { group: ['@tin-porch/*'], message: 'core uses no other room of the house.' },
        ],
      },
    ],
  },
}));

const NO_CLOCK = {
  selector: "NewExpression[callee.name='Date'][arguments.length=0]",
  message: 'core knows no clock.',
};

export default ts.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '**/*.gen.ts', '.data/**', '**/.angular/**', '**/.surface/**'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: false }],
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      eqeqeq: 'error',
    },
  },
  {
    // The same input gives the same output: time and chance come in as arguments.
    files: ['core/src/**/*.{ts,tsx}'],
    ignores: ['**/*.spec.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'core knows no clock: take the time as an argument.' },
        { object: 'Math', property: 'random', message: 'core knows no chance: take a seed.' },
      ],
      'no-restricted-syntax': ['error', NO_CLOCK],
      'no-restricted-globals': ['error', 'window', 'document', 'fetch', 'process', 'localStorage'],
    },
  },
  {
    // But for the files of strangers nothing in core is waited for: no promise of it can be forgotten, and looking for
    // those by types takes as long as all the rest.
    files: ['core/src/**/*.{ts,tsx}'],
    ignores: ['core/src/brief/intake/**'],
    languageOptions: { parserOptions: { projectService: false } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'off',
      '@typescript-eslint/no-misused-promises': 'off',
      'no-restricted-syntax': [
        'error',
        NO_CLOCK,
        { selector: ':matches(AwaitExpression, :function[async=true])', message: 'Nothing in core is waited for.' },
        { selector: "TSTypeReference[typeName.name='Promise']", message: 'Nothing in core is waited for.' },
      ],
    },
  },
  {
    files: ['**/*.{js,mjs,cjs}'],
    ignores: ['web/public/**'],
    languageOptions: {
      globals: { process: 'readonly', console: 'readonly', URL: 'readonly', module: 'writable', require: 'readonly' },
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  {
    files: ['web/public/**/*.js'],
    languageOptions: {
      globals: Object.fromEntries(
        [
          'window',
          'document',
          'parent',
          'CSS',
          'CSSStyleSheet',
          'DOMParser',
          'Element',
          'addEventListener',
          'scrollTo',
        ].map((g) => [g, 'readonly']),
      ),
    },
  },
  {
    // A component is drawn again when one of its signals says so, and by nothing else.
    files: ['web/src/**/*.ts', 'desk/src/**/*.ts'],
    ignores: ['**/*.spec.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'Decorator > CallExpression[callee.name="Component"] > ObjectExpression:not(:has(> Property[key.name="changeDetection"]))',
          message: 'Say changeDetection: ChangeDetectionStrategy.OnPush.',
        },
      ],
    },
  },
  ...directions,
  ...upward,
);
