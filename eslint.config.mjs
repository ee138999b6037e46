import js from '@eslint/js';
import globals from 'globals';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

export default ts.config(
  {
    ignores: [
      'apps/server/src/http/coreSchemas.ts',
      'apps/web/src/store/endpoints.ts',
      '**/dist/**',
      '**/node_modules/**',
      '.data/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  js.configs.recommended,
  ...ts.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      'no-console': 'error',
      eqeqeq: ['error', 'smart'],
      'max-lines': ['error', { max: 330, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['{packages,apps}/*/{src,sw,test}/**/*.{ts,tsx}', 'e2e/**/*.ts'],
    languageOptions: {
      parserOptions: {
        project: [
          'packages/core/tsconfig.test.json',
          'apps/server/tsconfig.json',
          'apps/server/tsconfig.test.json',
          'apps/web/tsconfig.test.json',
          'apps/web/sw/tsconfig.json',
          'apps/cli/tsconfig.json',
          'e2e/tsconfig.json',
        ],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/await-thenable': 'error',
    },
  },
  // What is run holds no value of a type that nobody knows; tests look into answers freely.
  {
    files: ['{packages,apps}/*/{src,sw}/**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-unsafe-argument': 'error',
      '@typescript-eslint/no-unsafe-assignment': 'error',
      '@typescript-eslint/no-unsafe-call': 'error',
      '@typescript-eslint/no-unsafe-member-access': 'error',
      '@typescript-eslint/no-unsafe-return': 'error',
      '@typescript-eslint/no-unnecessary-condition': 'error',
    },
  },
  // Tables of knowledge and words are as long as the trade is; tests as long as their cases.
  {
    files: ['**/knowledge/**', '**/vocabulary/**', '**/demo/**', '**/test/**'],
    rules: { 'max-lines': ['error', 560] },
  },
  {
    files: ['packages/core/src/**'],
    rules: {
      // The core has no clock, no randomness and no I/O: times and seeds are arguments.
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random' },
        { object: 'Date', property: 'now' },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'fetch', 'process', 'setTimeout', 'setInterval'],
      'no-restricted-syntax': [
        'error',
        { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'The core has no clock.' },
        {
          selector: 'CallExpression[callee.object.name="DateTime"][callee.property.name=/^(now|local)$/]',
          message: 'The core has no clock.',
        },
      ],
    },
  },
  {
    files: ['apps/web/src/**'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
    languageOptions: { globals: globals.browser },
  },
  { files: ['tools/benchPage.mjs'], languageOptions: { globals: globals.browser } },
  { files: ['tools/**', '**/*.mjs', '**/*.cjs', '**/test/**', 'e2e/**'], languageOptions: { globals: globals.node } },
);
