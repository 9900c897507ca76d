import { shapeOf } from '../frame/shape';
import { DAY_MINUTES, type FrameZone } from '../model/frame';
import { shortWeekday } from '../time/words';
import { clockOf } from '../time/wall';
import { weekdaysFrom } from '../time/week';

/** What a picture takes from the application: colours as CSS writes them, and how hours are said. */
export type PictureLooks = {
  readonly ink: string;
  readonly soft: string;
  readonly line: string;
  readonly ground: string;
  readonly colours: (zone: FrameZone) => { readonly edge: string; readonly fill: string };
  /** An hour of the clock (`14:30`) as it is written where the person is. */
  readonly hour: (time: string) => string;
  readonly weekStart: number;
};

/** A page of A4 on its side, in tenths of a millimetre. */
const PAGE = { width: 2970, height: 2100 };
const MARGIN = 120;
const HEAD = 210;
const RULER = 150;
const GAP = 14;

const escaped = (text: string) => text.replace(/[&<>"]/g, (char) => `&#${char.charCodeAt(0)};`);

/** As much of a text as fits into a width, in letters of half their size wide. */
const fitting = (text: string, width: number, size: number): string => {
  const most = Math.floor(width / (size * 0.54));
  return text.length <= most ? text : `${text.slice(0, Math.max(1, most - 1))}…`;
};

/** A frame as a picture of its week (SVG 1.1) for a page of A4 on its side: seven days with their zones by hour. */
export function framePicture(name: string, zones: readonly FrameZone[], looks: PictureLooks): string {
  const { ink, soft, line, ground, hour, weekStart } = looks;
  const days = weekdaysFrom(weekStart);
  const width = (PAGE.width - 2 * MARGIN - RULER) / 7;
  const top = MARGIN + HEAD;
  const height = PAGE.height - MARGIN - top;
  const x = (weekday: number) => MARGIN + RULER + days.indexOf(weekday) * width;
  const y = (minutes: number) => top + (height * minutes) / DAY_MINUTES;
  const text = (at: { x: number; y: number }, size: number, words: string, more = '') =>
    `<text x="${round(at.x)}" y="${round(at.y)}" font-size="${size}" ${more}>${escaped(words)}</text>`;
  const hours = Array.from({ length: 13 }, (_, i) => i * 120);
  const ruler = hours.flatMap((minutes) => [
    `<path d="M${MARGIN + RULER - 24} ${round(y(minutes))}H${PAGE.width - MARGIN}" stroke="${line}" stroke-width="3"/>`,
    text(
      { x: MARGIN + RULER - 40, y: y(minutes) + 14 },
      40,
      minutes === DAY_MINUTES ? '' : hour(clockOf(minutes)),
      `fill="${soft}" text-anchor="end"`,
    ),
  ]);
  const heads = days.map((weekday) =>
    text({ x: x(weekday) + GAP, y: top - 36 }, 54, shortWeekday(weekday), `fill="${ink}" font-weight="700"`),
  );
  const stretches = shapeOf(zones).map(({ zone, weekday, from, to }) => {
    const { edge, fill } = looks.colours(zone);
    const [left, above, high] = [x(weekday) + GAP, y(from), y(to) - y(from)];
    const wide = width - 2 * GAP;
    const size = high < 44 ? 28 : 40;
    const label = { x: left + 26, y: above + Math.min(50, high / 2 + size / 3) };
    const hours = `${hour(clockOf(from))} – ${hour(clockOf(to))}`;
    return [
      `<rect x="${round(left)}" y="${round(above + 2)}" width="${round(wide)}" height="${round(Math.max(2, high - 4))}" fill="${fill}"/>`,
      `<rect x="${round(left)}" y="${round(above + 2)}" width="10" height="${round(Math.max(2, high - 4))}" fill="${edge}"/>`,
      high < 28 ? '' : text(label, size, fitting(zone.name, wide - 40, size), `fill="${ink}"`),
      high < 112 ? '' : text({ x: label.x, y: label.y + 46 }, 34, hours, `fill="${soft}"`),
    ].join('');
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="297mm" height="210mm" viewBox="0 0 ${PAGE.width} ${PAGE.height}" font-family="'Atkinson Hyperlegible Next', Verdana, sans-serif" role="img" aria-label="${escaped(name)}">`,
    `<rect width="${PAGE.width}" height="${PAGE.height}" fill="${ground}"/>`,
    text(
      { x: MARGIN, y: MARGIN + 60 },
      84,
      fitting(name, PAGE.width - 2 * MARGIN, 84),
      `fill="${ink}" font-weight="700"`,
    ),
    ...ruler,
    ...heads,
    ...stretches,
    '</svg>',
  ].join('\n');
}

const round = (value: number) => Math.round(value * 10) / 10;
