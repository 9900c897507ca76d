import { useState } from 'react';
import { View } from 'react-native';
import { copyText } from '@/actions/copyText';
import { download } from '@/actions/files/download';
import { hold } from '@/actions/outside/freeTimes';
import { bounds } from '@/core/model/bounds';
import { freeTimes, WORKDAYS, type Giving } from '@/core/outside/freeTimes';
import { freeTimesMarkdown, freeTimesText } from '@/core/outside/freeTimesWords';
import { writeFreeTimes } from '@/core/formats/writeFreeBusy';
import { distanceWords, durationWords, spanWords } from '@/core/time/words';
import { MINUTE, type Span } from '@/core/time/span';
import { nameOfZone } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { newId } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { useCities } from '@/ui/cities';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import type { Panel, Panels } from '@/ui/panels';
import { readLength, readName } from '@/ui/readings';
import { QUARTER, useSince } from '@/ui/useSince';
import { Heading, Words } from '@/ui/Words';
import { CityField } from '../parts/CityField';
import { Weekdays } from '../parts/Weekdays';
import { Held } from './Held';

const SPANS = [3, 7, 14, 28];
const COUNTS = [3, 5, 8];
const HOLDS = [4 * 60, 1440, 3 * 1440];
/** When people elsewhere are met, by their own clock. */
const THEIR_HOURS = { from: '08:30', to: '17:30' };

type Wanted = Omit<Giving, 'from' | 'theirs' | 'hours'> & {
  readonly who: string;
  /** Their zone, or null for one's own. */
  readonly zone: Giving['theirs'] | null;
  readonly inTheirHours: boolean;
};

/** Free times to give to somebody: which, in whose time, as a text to send; and kept free for them. */
function FreeTimes({ minutes = 60, who = '' }: Panels['freeTimes']) {
  const workspace = useWorkspace();
  const [wanted, setWanted] = useState<Wanted>({
    ...{ who, minutes, days: 14, weekdays: WORKDAYS, most: 5, leavesSealed: false },
    ...{ zone: null, inTheirHours: true, with: [] },
  });
  const set = (change: Partial<Wanted>) => setWanted({ ...wanted, ...change });
  const others = workspace.calendars.values().filter(({ around }) => around);
  return (
    <View className="gap-4">
      <Field
        label="For whom"
        text={wanted.who}
        read={readName}
        placeholder="Lena Fisk"
        onSave={(to) => set({ who: to })}
      />
      <Field
        label="How long"
        text={durationWords(wanted.minutes)}
        read={(typed) => readLength(typed, bounds.sittingMinutes)}
        onSave={(to) => set({ minutes: to })}
      />
      <Choice
        label="Within the coming"
        value={String(wanted.days)}
        onChoose={(days) => set({ days: Number(days) })}
        options={SPANS.map((days) => ({ value: String(days), name: `${days} days` }))}
      />
      <Weekdays of="free times" days={wanted.weekdays} onChange={(weekdays) => set({ weekdays })} />
      <Choice
        label="How many"
        value={String(wanted.most)}
        onChoose={(most) => set({ most: Number(most) })}
        options={COUNTS.map((count) => ({ value: String(count), name: String(count) }))}
      />
      {others.length > 0 && (
        <View role="group" aria-label="Free for these, too" className="gap-1">
          <Words size="xs" tone="soft">
            Free for these, too
          </Words>
          <View className="flex-row flex-wrap gap-x-4">
            {others.map(({ id, name }) => (
              <CheckBox
                key={id}
                label={name}
                checked={wanted.with.includes(id)}
                onToggle={() =>
                  set({
                    with: wanted.with.includes(id)
                      ? wanted.with.filter((other) => other !== id)
                      : [...wanted.with, id],
                  })
                }
              />
            ))}
          </View>
        </View>
      )}
      <CheckBox
        label="Leave sealed weeks as they are"
        checked={wanted.leavesSealed}
        onToggle={() => set({ leavesSealed: !wanted.leavesSealed })}
      />
      <CityField label="In the time of" zone={wanted.zone} onChoose={(zone) => set({ zone })} />
      {wanted.zone && (
        <CheckBox
          label={`Between ${THEIR_HOURS.from} and ${THEIR_HOURS.to} of theirs`}
          checked={wanted.inTheirHours}
          onToggle={() => set({ inTheirHours: !wanted.inTheirHours })}
        />
      )}
      <Found wanted={wanted} />
      <Held />
    </View>
  );
}

/** The times that are free, as they can be sent; those that are not to be given are taken out by a tick. */
function Found({ wanted }: { wanted: Wanted }) {
  const { zone: home, today } = useMoment();
  const workspace = useWorkspace();
  const since = useSince(QUARTER);
  const [without, setWithout] = useState<readonly number[]>([]);
  const [how, setHow] = useState<'text' | 'markdown'>('text');
  const cities = useCities();
  const { who, zone, inTheirHours, ...rest } = wanted;
  const theirs = zone ?? home;
  const hours = zone !== null && inTheirHours ? THEIR_HOURS : null;
  const { times: found, open } = freeTimes(
    workspace,
    { ...rest, from: today, theirs, hours },
    home,
    since.now,
  );
  const spans = found.filter(({ from }) => !without.includes(from));
  const { settings: style } = workspace;
  const given = {
    ...{ minutes: wanted.minutes, theirs, elsewhere: zone !== null, style },
    city: cities?.cityOf(theirs) ?? nameOfZone(theirs),
  };
  const text = how === 'text' ? freeTimesText(spans, given) : freeTimesMarkdown(spans, given);
  if (found.length === 0)
    return (
      <Words aria-live="polite">
        No stretch of {durationWords(wanted.minutes)} is free then in hours that are open to meetings. Look
        further ahead, on more days, or for less time.
      </Words>
    );
  const toggle = ({ from }: Span) =>
    setWithout(without.includes(from) ? without.filter((other) => other !== from) : [...without, from]);
  return (
    <View className="gap-3" aria-live="polite">
      <Heading level={2}>{found.length === 1 ? 'One time' : `${found.length} times`}</Heading>
      <Words size="xs" tone="soft">
        {open
          ? 'In hours that are open to meetings.'
          : 'In hours of other work: those that are open to meetings have no room.'}
      </Words>
      {found.map((span) => (
        <CheckBox
          key={span.from}
          label={spanWords(span, home, style)}
          checked={!without.includes(span.from)}
          onToggle={() => toggle(span)}
        />
      ))}
      {spans.length > 0 && (
        <>
          <Choice
            label="As"
            value={how}
            onChoose={setHow}
            options={[
              { value: 'text', name: 'Text' },
              { value: 'markdown', name: 'Markdown' },
            ]}
          />
          <Words className="select-text whitespace-pre-wrap bg-ground p-2.5">{text}</Words>
          <View className="flex-row flex-wrap gap-2">
            <Button label="Copy the text" kind="primary" onPress={() => void copyText(text)} />
            <Button
              label="Save as a calendar file"
              onPress={() => save(spans, since.now, style.addresses[0])}
            />
          </View>
          <HoldThem spans={spans} who={who} />
        </>
      )}
    </View>
  );
}

const save = (spans: readonly Span[], now: number, organizer: string | undefined) =>
  download('free-times.ics', writeFreeTimes(spans, { uid: newId(), now, organizer }), 'text/calendar');

/** Keeps what is given free until an answer has come, for as long as one chooses. */
function HoldThem({ spans, who }: { spans: readonly Span[]; who: string }) {
  return (
    <View className="gap-1">
      <Words size="xs" tone="soft">
        Keep them free meanwhile; after that they go by themselves
      </Words>
      <View className="flex-row flex-wrap gap-2">
        {HOLDS.map((minutes) => (
          <Button
            key={minutes}
            label={`For ${distanceWords(minutes * MINUTE)}`}
            says={`For ${distanceWords(minutes * MINUTE)}: keep these times free`}
            onPress={() => hold(spans, who === '' ? 'Held' : `Held for ${who}`, minutes)}
          />
        ))}
      </View>
    </View>
  );
}

export const freeTimesPanel: Panel<Panels['freeTimes']> = {
  useTitle: () => 'Free times to give',
  Content: FreeTimes,
};

declare module '@/ui/panels' {
  interface Panels {
    /** Free times to give to somebody, for a meeting of so many minutes. */
    freeTimes: { readonly minutes?: number; readonly who?: string };
  }
}
