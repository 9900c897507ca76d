import { IconButton } from '@/ui/Button';
import { canScale, scaleHours, useHourScale } from './hoursHigh';

const FACTOR = 1.3;

/** Makes the hours lower or higher. */
export function HourScale() {
  const pixels = useHourScale((state) => state.pixels);
  return (
    <>
      <IconButton
        label="Lower hours"
        icon="less"
        colour="ink-soft"
        disabled={!canScale(pixels, 1 / FACTOR)}
        onPress={() => scaleHours(1 / FACTOR)}
      />
      <IconButton
        label="Higher hours"
        icon="more"
        colour="ink-soft"
        disabled={!canScale(pixels, FACTOR)}
        onPress={() => scaleHours(FACTOR)}
      />
    </>
  );
}
