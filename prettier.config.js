/** The layout of what people write here: 120 columns. @type {import('prettier').Config} */
export default {
  printWidth: 120,
  singleQuote: true,
  plugins: ['@prettier/plugin-php'],
  overrides: [
    { files: '*.php', options: { phpVersion: '8.2', trailingCommaPHP: true, braceStyle: 'per-cs', tabWidth: 4 } },
  ],
};
