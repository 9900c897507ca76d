import { memo } from 'react';
import { Pressable, View } from 'react-native';
import { followedPercent, type Followed } from '@/core/review/followed';
import type { FollowedAt, PictureOf } from '@/core/review/told/picture';
import { asks, hourOfClock, pictureSays } from '@/core/review/told/pictureSays';
import { durationWords, weekdayNames } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Words } from '@/ui/Words';
import { Pictured } from '@/panels/parts/Pictured';

const parts = [
  { of: 'asPlanned', name: 'as planned', look: 'bg-pine' },
  { of: 'otherwise', name: 'something else', look: 'hatch-over' },
  { of: 'nothing', name: 'planned, no record', look: 'border border-dashed border-ink-soft' },
] as const;

type Told = { readonly name: string; readonly own: Followed; readonly percent: number };

/** Of less than so many minutes nothing is said. */
const WORTH = 60;

const isWorth = ({ own }: Told) => own.asPlanned + own.otherwise + own.nothing >= WORTH;

/** The hour that was followed least, of those in which something worth telling lay. */
const leastOf = <T extends Told>(told: readonly T[]): T | undefined =>
  told.filter(isWorth).sort((a, b) => a.percent - b.percent)[0];

const weekday = (key: number) => weekdayNames[key - 1] ?? '';

type Props = {
  picture: PictureOf<'followed'>;
  onWeekday: (weekday: number) => void;
  onHour: (hour: number) => void;
};

/** So high are the bars of the hours. */
const BARS = 36;

type ClockProps = { hours: readonly (Told & { key: number })[]; onHour: Props['onHour'] };

/** Which share of each hour of the clock went as planned, and which did not. */
function ByTheClock({ hours, onHour }: ClockProps) {
  const { settings } = useWorkspace();
  const shown = hours.filter(isWorth);
  if (shown.length === 0) return null;
  return (
    <View
      role="img"
      aria-label={`By the clock: ${shown.map(({ name, percent }) => `${name} ${percent} %`).join(', ')}`}
      className="flex-row gap-0.5"
    >
      {shown.map(({ key, percent }) => (
        <Pressable
          key={key}
          focusable={false}
          onPress={() => onHour(key)}
          className="flex-1 items-center hover:bg-sunken"
        >
          <View className="hatch-over w-full justify-end" style={{ height: BARS }}>
            <View className="bg-pine" style={{ height: (BARS * percent) / 100 }} />
          </View>
          <Words size="xs" face="mono" tone="soft">
            {hourOfClock(key, { ...settings, clock: 24 })}
          </Words>
        </Pressable>
      ))}
    </View>
  );
}

/** How closely what was done followed the plan, minute by minute. */
export const FollowedPicture = memo(function FollowedPicture({ picture, onWeekday, onHour }: Props) {
  const { settings } = useWorkspace();
  const { all, weekdays, hours } = picture;
  const told = (own: readonly FollowedAt[], name: (key: number) => string) =>
    own.map(({ key, followed }) => ({
      key,
      name: name(key),
      own: followed,
      percent: followedPercent(followed) ?? 0,
    }));
  const days = told(weekdays, weekday);
  const clock = told(hours, (hour) => `from ${hourOfClock(hour, settings)}`);
  const least = leastOf(clock);
  const [closest, ...others] = [...days].sort((a, b) => b.percent - a.percent);
  const furthest = others.at(-1);
  const cells = ({ asPlanned, otherwise, nothing }: Followed) =>
    [asPlanned, otherwise, nothing].map(durationWords);
  const whole = all.asPlanned + all.otherwise + all.nothing;
  return (
    <Pictured
      asks={asks.followed}
      answer={pictureSays(picture, settings)}
      heads={['', ...parts.map(({ name }) => name), 'share']}
      lines={[...days, ...clock].map(({ name, own, percent }) => [name, ...cells(own), `${percent} %`])}
      onLine={(line) => {
        const [day, hour] = [days[line], clock[line - days.length]];
        if (day) onWeekday(day.key);
        else if (hour) onHour(hour.key);
      }}
    >
      <View className="gap-2 px-2">
        <View
          role="img"
          aria-label={parts.map(({ of, name }) => `${name} ${durationWords(all[of])}`).join(', ')}
          className="h-5 flex-row gap-px"
        >
          {parts.map(({ of, look }) => (
            <View key={of} className={look} style={{ width: `${(99 * all[of]) / whole}%` }} />
          ))}
        </View>
        <View aria-hidden className="flex-row flex-wrap gap-x-5 gap-y-1">
          {parts.map(({ of, name, look }) => (
            <View key={of} className="flex-row items-center gap-1.5">
              <View className={`h-3 w-3 ${look}`} />
              <Words size="xs">
                {name} {durationWords(all[of])}
              </Words>
            </View>
          ))}
        </View>
        <ByTheClock hours={clock} onHour={onHour} />
        {closest && furthest && (
          <Words>
            Closest on {weekday(closest.key)}s ({closest.percent} %), least on {weekday(furthest.key)}s (
            {furthest.percent} %){least ? `; by the clock least ${least.name} (${least.percent} %)` : ''}.
          </Words>
        )}
      </View>
    </Pictured>
  );
});
