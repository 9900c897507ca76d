import { useState } from 'react';
import { View } from 'react-native';
import type { Picture } from '@/core/review/told/picture';
import { asks } from '@/core/review/told/pictureSays';
import { stretchAround } from '@/core/time/stretch';
import { datesFrom } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { CutsPicture } from './pictures/CutsPicture';
import { FollowedPicture } from './pictures/FollowedPicture';
import { GoalsPicture } from './pictures/GoalsPicture';
import { HourPicture } from './pictures/HourPicture';
import { NumbersPicture } from './pictures/NumbersPicture';
import { WeekPicture } from './pictures/WeekPicture';
import { WeeksPicture } from './pictures/WeeksPicture';
import type { Review } from './useReview';

/** What pictures belong to, and the way to what lies behind them. */
type Shown = Pick<Review, 'stretch' | 'show' | 'onOpen'>;

/** So many pictures are shown at first: those that have changed most. */
const SHOWN = 4;

/** The pictures of a stretch, and on demand those that have changed least. */
export function Pictures({ review, pictures }: { review: Shown; pictures: readonly Picture[] }) {
  const [all, setAll] = useState(false);
  const more = pictures.slice(SHOWN);
  return (
    <View className="gap-6">
      {(all ? pictures : pictures.slice(0, SHOWN)).map((picture) => (
        <Drawn key={picture.kind} review={review} picture={picture} />
      ))}
      {!all && more.length > 0 && (
        <View className="-ml-3 flex-row">
          <Button
            label={`Show what has changed less: ${more.map(({ kind }) => asks[kind].toLowerCase()).join('; ')}`}
            kind="quiet"
            onPress={() => setAll(true)}
          />
        </View>
      )}
    </View>
  );
}

/** A picture; what is pressed in it shows what lies behind. */
function Drawn({ review, picture }: { review: Shown; picture: Picture }) {
  const { weekStart } = useWorkspace().settings;
  const { stretch, show, onOpen } = review;
  const onWeek = (week: string) => show(stretchAround('week', week, weekStart));
  const onHour = (hour: number) => onOpen('hour', `${hour}`.padStart(2, '0'));
  switch (picture.kind) {
    case 'week':
      return <WeekPicture picture={picture} onDay={(date) => show(stretchAround('day', date, weekStart))} />;
    case 'weeks':
      return <WeeksPicture picture={picture} onWeek={onWeek} />;
    case 'hours':
      return <HourPicture picture={picture} onHour={onHour} />;
    case 'followed':
      return (
        <FollowedPicture
          picture={picture}
          onWeekday={(weekday) => onOpen('weekday', `${weekday}`)}
          onHour={onHour}
        />
      );
    case 'cuts':
      return (
        <CutsPicture
          picture={picture}
          dates={stretch.unit === 'week' ? datesFrom(stretch.first, 7) : []}
          onWeek={onWeek}
        />
      );
    case 'goals':
      return <GoalsPicture picture={picture} />;
    case 'numbers':
      return <NumbersPicture picture={picture} />;
  }
}
