import boundaries from 'eslint-plugin-boundaries';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import tseslint from 'typescript-eslint';

const own = (type) => ({ to: { element: { type, captured: { name: '{{from.element.captured.name}}' } } } });

export default tseslint.config(
  { ignores: ['resources/js/shared/api/schema.d.ts'] },
  {
    files: ['resources/js/**/*.{ts,tsx}'],
    extends: [...tseslint.configs.strictTypeChecked, jsxA11y.flatConfigs.strict],
    languageOptions: { parserOptions: { projectService: true } },
    plugins: { boundaries },
    settings: {
      'import/resolver': { typescript: { alwaysTryTypes: true } },
      'boundaries/elements': [
        { type: 'app', pattern: 'resources/js/app' },
        { type: 'station', pattern: 'resources/js/stations/*', capture: ['name'] },
        { type: 'room', pattern: 'resources/js/rooms/*', capture: ['name'] },
        { type: 'builder', pattern: 'resources/js/builder' },
        { type: 'shared', pattern: 'resources/js/shared' },
      ],
    },
    rules: {
      'jsx-a11y/label-has-associated-control': ['error', { controlComponents: ['Input', 'TextArea', 'Select'], depth: 3 }],
      // Controls come from the component library, by way of shared/ui.
      'no-restricted-syntax': ['error', {
        selector: 'JSXOpeningElement[name.name=/^(button|input|select|textarea|table|dialog|progress)$/]',
        message: 'Take the element of this kind from @/shared/ui.',
      }],
      'no-restricted-globals': ['error', { name: 'localStorage', message: 'Keep it with @/shared/keep.' }],
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
      '@typescript-eslint/consistent-type-definitions': ['error', 'type'],
      // A scrolling region has to take focus, so that it can be scrolled by keyboard.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: [], roles: ['region'] }],
      'boundaries/dependencies': ['error', { default: 'disallow', policies: [
        { from: { element: { type: 'app' } }, allow: [{ to: { element: { type: ['app', 'station', 'room', 'shared'] } } }] },
        { from: { element: { type: 'station' } }, allow: [{ to: { element: { type: 'shared' } } }, own('station')] },
        { from: { element: { type: 'room' } }, allow: [{ to: { element: { type: 'shared' } } }, own('room')] },
        { from: { element: { type: 'builder' } }, allow: [{ to: { element: { type: ['builder', 'shared'] } } }] },
        { from: { element: { type: 'shared' } }, allow: [{ to: { element: { type: 'shared' } } }] },
      ] }],
    },
  },
  {
    // shared/ui wraps the library and says where it uses a plain element; the packing screen and the builder's page are drawings of
    // their own, read at arm's length and on the phone.
    files: ['resources/js/shared/ui/**', 'resources/js/rooms/packing/**', 'resources/js/builder/**', 'resources/js/**/*.test.tsx'],
    rules: { 'no-restricted-syntax': 'off' },
  },
  {
    files: ['resources/js/shared/keep/**', 'resources/js/**/*.test.{ts,tsx}'],
    rules: { 'no-restricted-globals': 'off' },
  },
);
