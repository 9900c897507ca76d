const plugin = require('tailwindcss/plugin');
const { baseStyles, colours, hueColours } = require('./ui/tokens');

/** @type {import('tailwindcss').Config} */
module.exports = {
  content: ['./{app,board,features,panels,ui}/**/*.tsx'],
  // hues come from the data, so their classes never stand in the source as a whole
  safelist: Object.keys(hueColours).map((hue) => `hue-${hue}`),
  presets: [require('nativewind/preset')],
  darkMode: 'class',
  theme: {
    // of the browser's own text size, as in ui/useWide.ts
    screens: { lg: '64rem' },
    colors: {
      transparent: 'transparent',
      edge: 'var(--edge)',
      fill: 'var(--fill)',
      // mixed rather than see-through: each `opacity` is a layer that is composed anew while something is dragged
      'line-faint': 'color-mix(in srgb, var(--line) 60%, transparent)',
      ...Object.fromEntries(Object.keys(colours).map((name) => [name, `var(--${name})`])),
    },
    fontFamily: {
      text: ['AtkinsonNext', 'sans-serif'],
      strong: ['AtkinsonNextStrong', 'sans-serif'],
      mono: ['AtkinsonMono', 'monospace'],
    },
    fontSize: {
      // of the browser's own size: 12, 14, 16, 20, 28 pixels as it usually is
      xs: ['0.75rem', '1rem'],
      sm: ['0.875rem', '1.1875rem'],
      base: ['1rem', '1.375rem'],
      lg: ['1.25rem', '1.625rem'],
      xl: ['1.75rem', '2.125rem'],
    },
  },
  plugins: [
    plugin(({ addBase, addVariant }) => {
      addBase(baseStyles());
      // a window so low that all of it scrolls: a phone on its side, or what is made four times as large
      // a window in which the hours need every line
      addVariant('short', '@media (max-height: 43.7rem)');
      addVariant('low', '@media (max-height: 29.9rem) and (max-width: 63.9rem)');
    }),
  ],
};
