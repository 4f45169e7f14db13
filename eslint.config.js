import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['renderer/dist', 'public/build', 'vendor', 'contracts'] },
  ...tseslint.configs.recommended,
  {
    rules: {
      'max-lines': ['warn', { max: 320, skipBlankLines: true, skipComments: true }],
      eqeqeq: 'error',
      'no-console': ['error', { allow: ['log', 'error'] }],
    },
  },
);
