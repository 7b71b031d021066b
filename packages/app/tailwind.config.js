/** Tokens are CSS variables in global.css, so that light and dark share every class. */
const token = (name) => `rgb(var(--${name}) / <alpha-value>)`;
const names = ['frost', 'slate', 'ink', 'drift', 'line', 'brook', 'on-brook', 'moss', 'on-moss', 'ochre', 'ochre-ground', 'rowan', 'rowan-ground'];

module.exports = {
  content: ['./src/**/*.{ts,tsx}'],
  presets: [require('nativewind/preset')],
  darkMode: 'class',
  theme: {
    extend: {
      colors: Object.fromEntries(names.map((n) => [n, token(n)])),
      fontFamily: { sans: ['Atkinson'], medium: ['AtkinsonSemi'], bold: ['AtkinsonBold'] },
    },
  },
};
