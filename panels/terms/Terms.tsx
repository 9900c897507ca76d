import { View } from 'react-native';
import type { Panel, Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** The names of our own, and what they stand for. */
const terms = {
  tray: 'A day’s tasks that have no hour yet; always in sight above the hours.',
  pocket: 'A stretch of free time between two fixed things, with its length where it is worth using.',
  parked: 'Kept, but out of every plan until it is taken up again.',
  inbox: 'What was noted and has not been decided on.',
  'quick line': 'One line in plain words that becomes a task, an event or a block.',
  scratch: 'Lines noted while you work on something else.',
  frame: 'A reusable shape of a week: what kind of time each window is.',
  zone: 'One window of a frame that comes every week: what fits in, and who may enter.',
  guarded: 'A zone that keeps meetings out. An open one expects them; any other takes them as they come.',
  'catch-up': 'A zone of spare room for what was missed.',
  pinned: 'A block that stays where it is when the rest of the day moves along.',
  seal: 'Keeps a week’s plan as it stands, to measure what comes later by it.',
  keystone: 'The one task that decides whether the day was good. It is chosen at the opening.',
  'day opening':
    'A walk in the morning, or the evening before: what waits is taken or kept, and the day chosen.',
  'day close': 'A walk in the evening: what is left is decided on, the record mended, the day written down.',
  drift: 'Actual minus planned minutes: + took longer, − took less or did not happen.',
  ledger: 'Planned and actual side by side, adding up to the minute.',
} as const;

export type Term = keyof typeof terms;
// made above
const names = Object.keys(terms) as Term[];

/** What the words mean that are our own; the one that was asked for stands first. */
function Terms({ first }: Panels['terms']) {
  const ordered = first ? [first, ...names.filter((name) => name !== first)] : names;
  return (
    <View role="list" aria-label="Words of our own" className="gap-3">
      {ordered.map((name) => (
        <View key={name} role="listitem" className={name === first ? 'border-l-4 border-pine pl-3' : 'pl-4'}>
          <Words face="strong">{name}</Words>
          <Words>{terms[name]}</Words>
        </View>
      ))}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** What the words of our own mean. */
    terms: { readonly first?: Term };
  }
}

export const termsPanel: Panel<Panels['terms']> = { useTitle: () => 'What the words mean', Content: Terms };
