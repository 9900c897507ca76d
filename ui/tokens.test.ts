import { colours, hueColours } from './tokens';

/** Relative luminance and contrast ratio, WCAG 2.2, "contrast ratio" and "relative luminance". */
function luminance(hex: string): number {
  const channel = (at: number) => {
    const value = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
}
function contrast(a: string, b: string): number {
  const [light = 0, dark = 0] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light + 0.05) / (dark + 0.05);
}

const modes = [
  ['light', 0],
  ['dark', 1],
] as const;

describe.each(modes)('in %s mode', (_, mode) => {
  const texts = ['ink', 'ink-soft', 'pine', 'amber', 'brick', 'leaf'] as const;
  test.each(texts)('%s reads on ground and surface', (text) => {
    for (const behind of ['ground', 'surface'] as const) {
      expect(contrast(colours[text][mode], colours[behind][mode])).toBeGreaterThanOrEqual(4.5);
    }
  });

  test.each([
    ['on-pine', 'pine'],
    ['on-amber', 'amber'],
    ['brick', 'brick-pale'],
    ['ink', 'brick-pale'],
    ['ink-soft', 'sunken'],
  ] as const)('%s reads on %s', (text, behind) => {
    expect(contrast(colours[text][mode], colours[behind][mode])).toBeGreaterThanOrEqual(4.5);
  });

  test.each(Object.keys(hueColours) as (keyof typeof hueColours)[])(
    'text reads on the fill of %s, and its edge stands out from fill and surface',
    (hue) => {
      const { edge, fill } = hueColours[hue];
      for (const text of ['ink', 'ink-soft', 'brick'] as const) {
        expect(contrast(colours[text][mode], fill[mode])).toBeGreaterThanOrEqual(4.5);
      }
      expect(contrast(edge[mode], fill[mode])).toBeGreaterThanOrEqual(4.5);
      expect(contrast(edge[mode], colours.surface[mode])).toBeGreaterThanOrEqual(3);
    },
  );
});
