import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const TEXT_SIZES = ['Literal[value=/text-\\[[0-9]/]', 'TemplateElement[value.raw=/text-\\[[0-9]/]'].map((selector) => ({
  selector,
  message: 'Text has the sizes of the theme only.',
}));

export default tseslint.config(
  { ignores: ['dist', 'target', 'src/shared/http/schema.d.ts', 'eslint.config.js'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  hooks.configs.flat['recommended-latest'] ?? hooks.configs['recommended-latest'],
  prettier,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: ['*/features/*/*'], message: 'Enter a feature by its index only.' }] },
      ],
      'no-restricted-syntax': ['error', ...TEXT_SIZES],
    },
  },
  {
    files: ['src/**/*.test.{ts,tsx}'],
    ignores: ['src/**/*.mocked.test.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...TEXT_SIZES,
        {
          selector: "CallExpression[callee.object.name='vi'][callee.property.name='mock']",
          message: 'Files share their modules: one that mocks some is named *.mocked.test.',
        },
      ],
    },
  },
);
