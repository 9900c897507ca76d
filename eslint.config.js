const { defineConfig } = require('eslint/config');
const expo = require('eslint-config-expo/flat');

module.exports = defineConfig([
  expo,
  { ignores: ['dist/*', '.expo/*', 'node_modules/*', 'expo-env.d.ts', 'nativewind-env.d.ts'] },
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
      // a schema and the type drawn from it share their name; the compiler finds real redeclarations
      '@typescript-eslint/no-redeclare': 'off',
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'localStorage',
        'fetch',
        'setTimeout',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'The core gets the time as an argument.' },
        { object: 'Math', property: 'random', message: 'The core gets its ids as arguments.' },
        { object: 'Temporal', property: 'Now', message: 'The core gets the time as an argument.' },
      ],
    },
  },
  {
    files: ['app/**', 'board/**', 'features/**', 'panels/**', 'ui/**'],
    ignores: ['ui/UntilLoaded.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          name: 'react',
          importNames: ['Suspense'],
          message: 'Use UntilLoaded, which a slow machine draws, too.',
        },
      ],
    },
  },
  { files: ['server/**', 'e2e/**', 'scripts/**'], rules: { 'no-console': 'off' } },
  {
    files: ['e2e/**'],
    ignores: ['e2e/steps.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { paths: ['node:timers', 'node:timers/promises', 'timers/promises'] },
      ],
      'no-restricted-globals': [
        'error',
        {
          name: 'setTimeout',
          message: 'Wait for what a person would see; what takes real time is a step of steps.ts.',
        },
      ],
    },
  },
  { files: ['*.config.js', 'scripts/bundle/*.js'], languageOptions: { globals: { __dirname: 'readonly' } } },
]);
