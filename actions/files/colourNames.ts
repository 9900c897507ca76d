import names from 'color-name';
import { Hue } from '@/core/model/common';
import { hueColours } from '@/ui/tokens';

type Rgb = readonly number[];

const rgbOf = (hex: string): Rgb => [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));
const distance = (a: Rgb, b: Rgb) => a.reduce((sum, value, i) => sum + (value - (b[i] ?? 0)) ** 2, 0);

const known: ReadonlyMap<string, Rgb> = new Map(Object.entries(names));
// Object.keys forgets the key type
const hues = (Object.keys(hueColours) as Hue[]).map((hue) => ({ hue, rgb: rgbOf(hueColours[hue].edge[0]) }));

const nearest = <T>(list: readonly T[], to: (candidate: T) => number) =>
  list.reduce((best, candidate) => (to(candidate) < to(best) ? candidate : best));

/** The hue of ours that is nearest to a CSS colour name; undefined for a name that CSS does not know. */
function hueOfColour(name: string): Hue | undefined {
  const rgb = known.get(name.toLowerCase());
  return rgb && nearest(hues, (candidate) => distance(candidate.rgb, rgb)).hue;
}

/** The hue of a calendar that may ask for a CSS colour; else, as the so many-th of all, the next in turn. */
export const hueFor = (color: string | null, nth: number): Hue =>
  (color && hueOfColour(color)) || (Hue.options[nth % Hue.options.length] ?? 'slate');

/** The CSS colour name nearest to a hue of ours. */
export function colourOfHue(hue: Hue): string {
  const rgb = rgbOf(hueColours[hue].edge[0]);
  const [name] = nearest([...known], ([, other]) => distance(other, rgb));
  return name;
}
