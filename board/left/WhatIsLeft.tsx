import { View } from 'react-native';
import { dayShares, shares, sumOfShares, type Share, type Shares } from '@/core/plan/left';
import { daysOfWeek } from '@/core/time/week';
import { durationWords } from '@/core/time/words';
import type { Workspace } from '@/core/model/workspace';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Heading, Words } from '@/ui/Words';
import { DayName } from './DayName';

/** In the order in which people take a day apart: what is not theirs to give first, what is left last. */
const order: readonly Share[] = ['asleep', 'duties', 'meetings', 'buffers', 'planned', 'work', 'own'];

const names: Record<Share, string> = {
  asleep: 'Asleep',
  duties: 'Obligations',
  meetings: 'Meetings',
  buffers: 'Buffers',
  planned: 'Planned work',
  work: 'Room for work, free',
  own: 'Your own',
};

const looks: Record<Share, string> = {
  asleep: 'hue-slate bg-edge',
  duties: 'hue-straw bg-edge',
  meetings: 'bg-meeting',
  buffers: 'hatch-quiet bg-surface',
  planned: 'bg-pine',
  work: 'border-2 border-pine bg-surface',
  own: 'hue-fern bg-fill',
};

type Props = {
  workspace: Workspace;
  /** Any day of the week. */
  week: string;
};

/** What becomes of the 168 hours of a week, as a tape and as figures, and what each day has. */
export function WhatIsLeft({ workspace, week }: Props) {
  const { zone } = useMoment();
  const days = daysOfWeek(week, workspace.settings.weekStart).map((date) => ({
    date,
    parts: dayShares(workspace, date, zone),
  }));
  const whole = sumOfShares(days.map(({ parts }) => parts));
  const total = shares.reduce((sum, share) => sum + whole[share], 0);
  const ofWork = whole.work + whole.planned;
  return (
    <View className="gap-4">
      <View className="gap-1.5">
        <Heading level={2}>What is left</Heading>
        <Words tone="soft">
          The week has {durationWords(total)}. {durationWords(ofWork)} of them are for work that you plan, of
          which {durationWords(whole.work)} are still free.
        </Words>
        <Tape parts={whole} height={28} />
        <Figures parts={whole} of="week" />
      </View>
      <View className="gap-1.5">
        <Words face="strong">Day by day</Words>
        {days.map(({ date, parts }) => (
          <View key={date} className="flex-row items-center gap-2">
            <DayName date={date} figures={figuresOf(parts)} />
            <View className="flex-1">
              <Tape parts={parts} height={14} />
            </View>
            <View className="w-16 items-end" aria-hidden>
              <Words size="xs" face="mono" tone={parts.work > 0 ? 'pine' : 'soft'}>
                {parts.work > 0 ? durationWords(parts.work) : '–'}
              </Words>
            </View>
          </View>
        ))}
        <Words size="xs" tone="soft">
          At the right the free room for work of each day.
        </Words>
      </View>
    </View>
  );
}

/** What becomes of the hours of one day. */
export function DayFigures({ date }: { date: string }) {
  const { zone } = useMoment();
  const parts = dayShares(useWorkspace(), date, zone);
  return (
    <View className="gap-1.5">
      <Words face="strong">What becomes of the day</Words>
      <Tape parts={parts} height={20} />
      <Figures parts={parts} of="day" />
    </View>
  );
}

const figuresOf = (parts: Shares): string =>
  order
    .filter((share) => parts[share] > 0)
    .map((share) => `${names[share]} ${durationWords(parts[share])}`)
    .join(', ');

/** Hours side by side on one scale. */
const Tape = ({ parts, height }: { parts: Shares; height: number }) => (
  <View aria-hidden className="w-full flex-row overflow-hidden bg-surface" style={{ height }}>
    {order
      .filter((share) => parts[share] > 0)
      .map((share) => (
        <View key={share} className={looks[share]} style={{ flexGrow: parts[share], flexBasis: 0 }} />
      ))}
  </View>
);

const Figures = ({ parts, of }: { parts: Shares; of: 'day' | 'week' }) => (
  <View role="list" aria-label={`What becomes of the ${of}`}>
    {order
      .filter((share) => parts[share] > 0)
      .map((share) => (
        <View key={share} role="listitem" className="min-h-[28px] flex-row items-center gap-2.5">
          <View aria-hidden className={`h-4 w-4 border border-line ${looks[share]}`} />
          <View className="flex-1">
            <Words face={share === 'work' ? 'strong' : 'text'}>{names[share]}</Words>
          </View>
          <Words face="mono">{durationWords(parts[share])}</Words>
        </View>
      ))}
  </View>
);
