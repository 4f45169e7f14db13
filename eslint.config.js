import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['renderer/dist', 'player/dist', 'public/build', 'vendor', 'contracts'] },
  ...tseslint.configs.recommended,
  {
    files: ['web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  { files: ['web/**/*.tsx'], ...jsxA11y.flatConfigs.recommended },
  {
    files: ['web/**/*.tsx'],
    rules: {
      // A field that appears because somebody asked for it takes the keyboard.
      'jsx-a11y/no-autofocus': 'off',
      // What scrolls can be scrolled by keys (WCAG 2.2, 2.1.1).
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: [], roles: ['region', 'tabpanel'] }],
    },
  },
  {
    rules: {
      'max-lines': ['warn', { max: 320, skipBlankLines: true, skipComments: true }],
      eqeqeq: 'error',
      // What a class leaves to those that extend it.
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      'no-console': ['error', { allow: ['log', 'error'] }],
    },
  },
);
