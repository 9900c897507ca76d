/** Every colour of the interface, light and dark. No hex value stands anywhere else. */
export const colours = {
  ground: ['#EEF2F0', '#0F1614'],
  surface: ['#FFFFFF', '#18211E'],
  sunken: ['#E2E9E5', '#0A0F0D'],
  line: ['#C6D2CC', '#2D3A35'],
  /** The edges of fields: 3:1 to what lies on either side. */
  field: ['#7C8C85', '#70827A'],
  ink: ['#14211D', '#E7EFEC'],
  'ink-soft': ['#4A5B54', '#A0B2AA'],
  pine: ['#0E5A4F', '#6CCBB7'],
  'on-pine': ['#FFFFFF', '#0A1F1B'],
  amber: ['#A8500A', '#F0A35E'],
  'on-amber': ['#FFFFFF', '#241505'],
  brick: ['#9E2B25', '#F2877F'],
  'brick-pale': ['#F6E0DE', '#3B1C1A'],
  leaf: ['#2F6B2F', '#86C686'],
  meeting: ['#46545A', '#A9B8B2'],
  /** What lies under a sheet gets darker, by night too. */
  veil: ['#14211D', '#000000'],
} as const;

export type Colour = keyof typeof colours;

/** The hues of lists and categories: a dark edge and a pale fill, each light and dark. */
export const hueColours = {
  reed: { edge: ['#54690F', '#BDD66A'], fill: ['#EDF2DA', '#242B12'] },
  brook: { edge: ['#1B5F8F', '#85C3EE'], fill: ['#DDEBF5', '#142B3B'] },
  iris: { edge: ['#5646A0', '#B9ABF2'], fill: ['#E7E4F6', '#272140'] },
  berry: { edge: ['#94265F', '#F08FC0'], fill: ['#F6DFEA', '#3A1729'] },
  clay: { edge: ['#8C4313', '#EBA27A'], fill: ['#F5E5D9', '#382214'] },
  straw: { edge: ['#7A5B00', '#E6C55A'], fill: ['#F5EDD0', '#322910'] },
  slate: { edge: ['#44586A', '#A9BDCF'], fill: ['#E3E9EF', '#1F2A34'] },
  fern: { edge: ['#1F6B45', '#7FD0A3'], fill: ['#DDF0E5', '#122E20'] },
} as const;

/** How the edge of each hue is drawn (CSS, down a 4 px strip), so that no meaning hangs on colour alone. */
const edgePatterns: Record<keyof typeof hueColours, string> = {
  brook: 'linear-gradient(var(--edge), var(--edge))',
  iris: 'linear-gradient(to right, var(--edge) 0 1.5px, transparent 1.5px 2.5px, var(--edge) 2.5px)',
  clay: 'repeating-linear-gradient(to bottom, var(--edge) 0 8px, transparent 8px 11px)',
  berry: 'repeating-linear-gradient(to bottom, var(--edge) 0 4px, transparent 4px 7px)',
  reed: 'linear-gradient(to right, var(--edge) 0 2.5px, transparent 2.5px 3px, var(--edge) 3px)',
  straw:
    'repeating-linear-gradient(to bottom, var(--edge) 0 12px, transparent 12px 14px, var(--edge) 14px 17px, transparent 17px 19px)',
  slate: 'repeating-linear-gradient(135deg, var(--edge) 0 2px, transparent 2px 4px)',
  fern: 'linear-gradient(to right, var(--edge) 0 1.5px, transparent 1.5px), repeating-linear-gradient(to bottom, var(--edge) 0 3px, transparent 3px 6px)',
};

type Mode = 0 | 1;
type Rules = Record<string, string | Record<string, string>>;

const variables = (mode: Mode) => ({
  ...Object.fromEntries(Object.entries(colours).map(([name, pair]) => [`--${name}`, pair[mode]])),
  ...Object.fromEntries(
    Object.entries(hueColours).flatMap(([name, { edge, fill }]) => [
      [`--${name}-edge`, edge[mode]],
      [`--${name}-fill`, fill[mode]],
    ]),
  ),
  'color-scheme': mode === 0 ? 'light' : 'dark',
});

/**
 * The colours of a person who has the system choose them (forced colours, CSS Color Adjust): states stay apart by the
 * system's own pairs, by patterns and by shape.
 */
function systemVariables(): Record<string, string> {
  const plain = {
    ground: 'Canvas',
    surface: 'Canvas',
    sunken: 'Canvas',
    'brick-pale': 'Canvas',
    veil: 'CanvasText',
  };
  const chosen = { pine: 'Highlight', amber: 'Highlight', leaf: 'Highlight' };
  const onChosen = { 'on-pine': 'HighlightText', 'on-amber': 'HighlightText' };
  const all: Record<string, string> = { ...plain, ...chosen, ...onChosen };
  return {
    ...Object.fromEntries(Object.keys(colours).map((name) => [`--${name}`, all[name] ?? 'CanvasText'])),
    ...Object.fromEntries(
      Object.keys(hueColours).flatMap((name) => [
        [`--${name}-edge`, 'CanvasText'],
        [`--${name}-fill`, 'Canvas'],
      ]),
    ),
    'forced-color-adjust': 'none',
  };
}

/** On paper everything is there: nothing scrolls, and what one only presses is left out. */
const print: Rules = {
  'html, body, #root, #root > div': {
    height: 'auto !important',
    display: 'block !important',
    overflow: 'visible !important',
  },
  // all that holds something that scrolls (ui/printing.ts) grows with it
  '[data-unfolded], :has([data-unfolded])': {
    flex: '1 0 auto !important',
    height: 'auto !important',
    'max-height': 'none !important',
    overflow: 'visible !important',
  },
  // as wide as the paper, whatever stands in one row within it
  ':has([role=main]), [role=main]': { display: 'block !important' },
  '[role=navigation], [role=toolbar], [role=status], [role=alert], [role=radiogroup], .resize-handle, .grip-handle, .not-printed':
    {
      display: 'none !important',
    },
  '*': { 'print-color-adjust': 'exact' },
};

/** The style sheet's base: variables for both modes, `.hue-…` with its edge and fill, and the hatches. */
export function baseStyles(): Record<string, Rules> {
  const hues: Record<string, Rules> = {};
  for (const hue of Object.keys(hueColours) as (keyof typeof hueColours)[]) {
    // Object.keys forgets the key type
    hues[`.hue-${hue}`] = {
      '--edge': `var(--${hue}-edge)`,
      '--fill': `var(--${hue}-fill)`,
      '--edge-pattern': edgePatterns[hue],
    };
  }
  return {
    ':root': variables(0),
    '@media (prefers-color-scheme: dark)': { ':root': variables(1) },
    ':root.light': variables(0),
    ':root.dark': variables(1),
    body: { 'background-color': 'var(--ground)' },
    ...hues,
    '.edge-mark': { 'background-image': 'var(--edge-pattern)' },
    // behind everything, so that words on it read as on the ground itself
    // in a day so narrow that words would break, zones give up their names
    '.beside-others': { 'container-type': 'inline-size' },
    '@container (max-width: 5.8rem)': {
      '.zone-band': { width: '4px !important', 'pointer-events': 'none' },
      '.zone-name': { display: 'none' },
      '.after-bands': { left: '6px !important' },
    },
    '.zone-tint': { background: 'color-mix(in srgb, var(--fill) 45%, transparent)' },
    '.hatch-over': {
      'background-image': 'repeating-linear-gradient(135deg, var(--brick) 0 2px, transparent 2px 5px)',
    },
    '.hatch-quiet': {
      'background-image': 'repeating-linear-gradient(135deg, var(--line) 0 1.5px, transparent 1.5px 6px)',
    },
    '.resize-handle': {
      '--grip': 'color-mix(in srgb, var(--edge) 80%, transparent)',
      background: 'linear-gradient(var(--grip), var(--grip)) center bottom 4px / 24px 2px no-repeat',
    },
    '.grip-handle': {
      '--grip': 'color-mix(in srgb, var(--edge) 80%, transparent)',
      background:
        'linear-gradient(var(--grip), var(--grip)) center calc(50% - 3px) / 16px 2px no-repeat, linear-gradient(var(--grip), var(--grip)) center calc(50% + 3px) / 16px 2px no-repeat',
    },
    // a keystone, as stands in an arch
    '.keystone-wedge': { 'clip-path': 'polygon(0 0, 100% 0, 78% 100%, 22% 100%)' },
    '.cut-corner': { 'border-top-right-radius': '12px', 'corner-top-right-shape': 'bevel' },
    '@supports not (corner-top-right-shape: bevel)': {
      '.cut-corner': {
        'border-radius': '0',
        'clip-path': 'polygon(0 0, calc(100% - 12px) 0, 100% 12px, 100% 100%, 0 100%)',
        background:
          'linear-gradient(45deg, transparent 48%, var(--edge) 48%) top right / 13px 13px no-repeat var(--surface)',
      },
    },
    // Chromium moves what is animated without layering the whole page anew, even where the animation stands still
    '@keyframes stand-still': { '50%': { transform: 'none' } },
    '.moves-often': { 'will-change': 'transform', animation: 'stand-still 1s paused' },
    '.tabular': { 'font-variant-numeric': 'tabular-nums', hyphens: 'auto' },
    '@media (prefers-contrast: more)': {
      ':root, :root.light, :root.dark': {
        '--line': 'var(--ink-soft)',
        '--field': 'var(--ink)',
        '--ink-soft': 'var(--ink)',
      },
    },
    '@media (forced-colors: active)': {
      // a zone has no colour to tell it by: its band is drawn, and where it begins
      '.zone-band': { border: '1px solid CanvasText' },
      '.zone-tint': { 'border-top': '1px dotted GrayText' },
      ':root, :root.light, :root.dark': systemVariables(),
      // what is told by its fill alone is told by an outline
      '[class~="bg-fill"]': { outline: '1px solid CanvasText', 'outline-offset': '-1px' },
      '[class~="bg-sunken"]': { 'box-shadow': 'inset 0 0 0 1px GrayText' },
    },
    '@media print': print,
    ':focus': { outline: 'none' },
    // what comes into sight with the keyboard brings its ring along
    ':is(a, button, input, textarea, [tabindex])': { 'scroll-margin': '6px' },
    // what has the keyboard is not hidden beneath a foot (WCAG 2.2, 2.4.11)
    '.scroll-region:has(.foot)': { 'scroll-padding-bottom': '5rem' },
    ':focus-visible': { outline: '2px solid var(--pine)', 'outline-offset': '2px' },
    // within their edges where what lies around would cut the ring off; what is pine itself has room
    ':is(a, .scroll-region, [role=main], [role=checkbox], [role=radio], [role=group] *, div[tabindex="0"]:not([role])):not([class~="bg-pine"]):focus-visible':
      { 'outline-offset': '-2px' },
    '@media (prefers-reduced-motion: reduce)': {
      '*': { 'transition-duration': '0s !important', 'animation-duration': '0s !important' },
    },
  };
}
