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
      xs: ['12px', '16px'],
      sm: ['14px', '19px'],
      base: ['16px', '22px'],
      lg: ['20px', '26px'],
      xl: ['28px', '34px'],
    },
  },
  plugins: [
    plugin(({ addBase, addVariant }) => {
      addBase(baseStyles());
      // a window so low that all of it scrolls: a phone on its side, or what is made four times as large
      addVariant('low', '@media (max-height: 479px) and (max-width: 1023px)');
    }),
  ],
};
