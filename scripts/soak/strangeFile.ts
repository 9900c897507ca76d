import { strangeRules } from '@/core/fixtures/strangeRules';
type Random = () => number;

/*
 * Calendar files as they might come from anywhere: lines with likely and unlikely values, some of them broken afterwards.
 */

const words = [
  'Weir',
  'x'.repeat(3000),
  '\u202egnp.exe',
  'a\\nb\\,c',
  '',
  '\u0000',
  '🐟'.repeat(40),
  '{"a":1}',
  '<b>',
  '__proto__',
];
const zones = ['', ';TZID=Europe/London', ';TZID=Middle/Earth', ';TZID="Pacific/Apia"', ';VALUE=DATE'];
const lengths = ['PT30M', 'P1D', '-PT1H', 'P99999999999W', 'PT0S', 'P3660D', 'P', 'PT', 'P1DT2H3M4S'];
const names = [
  'SUMMARY',
  'LOCATION',
  'DESCRIPTION',
  'CATEGORIES',
  'COLOR',
  'UID',
  'STATUS',
  'TRANSP',
  'SEQUENCE',
  'X-ODD',
  'CONFERENCE',
  'ATTENDEE',
];

export function strangeFile(random: Random): string {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T; // no list is empty
  const digits = (n: number) => Array.from({ length: n }, () => Math.floor(random() * 10)).join('');
  const likely = () =>
    `20${pick(['25', '26', '27'])}${pick(['01', '03', '10', '11', '12'])}${pick(['01', '15', '24', '25', '29'])}`;
  const day = () => (random() < 0.9 ? likely() : digits(8));
  const time = () =>
    `${day()}T${pick(['090000', '013000', '235959', '000000', digits(6)])}${pick(['', 'Z'])}`;
  const when = (name: string) => {
    const zone = pick(zones);
    return `${name}${zone}:${zone === ';VALUE=DATE' ? day() : time()}`;
  };
  const line = (): string =>
    pick([
      () => when('DTEND'),
      () => `DURATION:${pick(lengths)}`,
      () => `RRULE:FREQ=${pick(strangeRules)}`,
      () =>
        `RRULE:FREQ=${pick(['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'])};INTERVAL=${digits(2)};UNTIL=${time()}`,
      () => when('RDATE'),
      () => `RDATE;VALUE=PERIOD:${time()}/${pick(lengths)}`,
      () => when('EXDATE'),
      () => when('RECURRENCE-ID'),
      () => when('DUE'),
      () => `ESTIMATED-DURATION:${pick(lengths)}`,
      () => when('COMPLETED'),
      () => `${pick(names)}:${pick(words)}`,
      () => `BEGIN:VALARM\nTRIGGER:${pick(lengths)}\nEND:VALARM`,
    ])();
  const part = () => {
    const kind = pick(['VEVENT', 'VEVENT', 'VEVENT', 'VTODO']);
    const lines = Array.from({ length: Math.floor(random() * 6) }, line);
    return [`BEGIN:${kind}`, `UID:${pick(['a', 'b', 'c'])}`, when('DTSTART'), ...lines, `END:${kind}`].join(
      '\n',
    );
  };
  const parts = Array.from({ length: 1 + Math.floor(random() * 3) }, part);
  return broken(['BEGIN:VCALENDAR', ...parts, 'END:VCALENDAR'].join('\n'), random);
}

/** A text of which, one time in three, some characters are missing, doubled or others. */
function broken(text: string, random: Random): string {
  if (random() < 0.66) return text;
  const at = Math.floor(random() * text.length);
  const size = 1 + Math.floor(random() * 6);
  const put = [text.slice(at, at + size).repeat(2), '', ':;,="\\\n\r'.charAt(Math.floor(random() * 8))];
  return text.slice(0, at) + (put[Math.floor(random() * 3)] ?? '') + text.slice(at + size);
}
