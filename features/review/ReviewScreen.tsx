import { WithStrip } from '@/board/strip/WithStrip';
import { stretchWords } from '@/core/time/words';
import { units, type Unit } from '@/core/time/stretch';
import { useWorkspace } from '@/state/shown';
import { Button, IconButton } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { ScreenHead, ScrollScreen } from '@/ui/Screen';
import { View } from 'react-native';
import { DayReview } from './DayReview';
import { ReviewPlaces } from './ReviewPlaces';
import { StretchReview } from './StretchReview';
import { useReview, type Review } from './useReview';
import { WeekStrip } from './WeekStrip';

const unitNames: Record<Unit, string> = {
  day: 'Day',
  week: 'Week',
  month: 'Month',
  quarter: 'Quarter',
  year: 'Year',
  dates: 'Dates',
};

/** Planned and actual over a day, a week or any longer stretch, adding up exactly. */
export function ReviewScreen() {
  const review = useReview();
  const { stretch } = review;
  const screen = (
    <ScrollScreen>
      <Head review={review} />
      {stretch.unit === 'day' ? (
        <DayReview date={stretch.first} {...review} />
      ) : (
        <StretchReview key={stretch.unit} {...review} />
      )}
    </ScrollScreen>
  );
  return stretch.unit === 'day' ? <WithStrip date={stretch.first}>{screen}</WithStrip> : screen;
}

/** What is looked at, and the way to other stretches. */
function Head({ review: { stretch, show, onUnit, onStep, onDate } }: { review: Review }) {
  const { today } = useMoment();
  const { settings } = useWorkspace();
  const { unit, first, last } = stretch;
  const words = stretchWords(stretch, settings);
  const isNow = first <= today && today <= last;
  const day = unit === 'day';
  return (
    <View className="gap-2">
      <ScreenHead title="Review" page={`Review: ${words}`} about={`${words}${isNow ? ', so far' : ''}`}>
        <IconButton label={day ? 'The day before' : 'Earlier'} icon="back" onPress={() => onStep(-1)} />
        <IconButton label={day ? 'The day after' : 'Later'} icon="forward" onPress={() => onStep(1)} />
        {day && (
          <Button
            label="Day note…"
            kind="quiet"
            onPress={() => openPanel({ kind: 'dayNote', date: first })}
          />
        )}
        {!isNow && unit !== 'dates' && <Button label="Today" kind="quiet" onPress={() => onDate(today)} />}
      </ScreenHead>
      <ReviewPlaces at="/review" />
      <Choice
        label="What is looked back over"
        hideLabel
        value={unit}
        onChoose={onUnit}
        options={units.map((value) => ({ value, name: unitNames[value] }))}
      />
      {unit === 'dates' && (
        <View className="flex-row flex-wrap gap-2">
          <Button
            label={`From ${stretchWords({ unit, first, last: first }, settings)}…`}
            onPress={() => openPanel({ kind: 'goToDay' })}
          />
          <Button
            label={`To ${stretchWords({ unit, first: last, last }, settings)}…`}
            onPress={() => openPanel({ kind: 'goToDay', which: 'until' })}
          />
        </View>
      )}
      <WeekStrip stretch={stretch} onShow={show} />
    </View>
  );
}
