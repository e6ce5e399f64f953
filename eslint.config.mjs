import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript-eslint';

/** The core has no promises, and its switches return: there the rules that need types are asked in `npm run trials` only. */
const TYPED =
  process.env.WENDAXIS_TRIALS === undefined
    ? ['{contract,server,web,e2e,bench,scripts}/**/*.{ts,tsx}']
    : ['**/*.{ts,tsx}'];

export default ts.config(
  {
    ignores: [
      '**/node_modules/**',
      '**/dist/**',
      '**/.build/**',
      'server/migrations/**',
      'coverage/**',
      'test-results/**',
    ],
  },
  js.configs.recommended,
  ...ts.configs.strict,
  {
    files: TYPED,
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
    },
  },
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      // Indexes are checked by the compiler (noUncheckedIndexedAccess); "!" marks the places proven otherwise.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/no-invalid-void-type': 'off',
    },
  },
  {
    files: ['{core,contract,server,web}/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.ts', '**/tests/**'],
    rules: {
      'max-lines': ['error', 250],
      'max-lines-per-function': ['error', 60],
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/tests/**'],
    rules: {
      'max-params': ['error', 5],
      'no-restricted-globals': ['error', 'Date', 'window', 'document', 'process', 'setTimeout'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
    },
  },
  {
    files: ['web/**/*.tsx', 'web/**/*.ts'],
    plugins: { 'react-hooks': reactHooks },
    rules: reactHooks.configs.recommended.rules,
    languageOptions: { globals: globals.browser },
  },
  { files: ['**/*.mjs', '**/*.cjs'], languageOptions: { globals: globals.node } },
);
