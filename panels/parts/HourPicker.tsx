import { useEffect, useRef, useState } from 'react';
import { Pressable, View } from 'react-native';
import { halfHours } from '@/core/plan/halfHours';
import { clockWords, dateWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { elementOf, webProps } from '@/ui/dom';
import { Words } from '@/ui/Words';

export type Hours = {
  /** The hour that is chosen (epoch ms), if any. */
  readonly chosen: number | null;
  readonly onChoose: (start: number) => void;
  /** The block or event that is placed anew, and so takes no time where it stands. */
  readonly except?: string | undefined;
};

/** How many half hours stand in a row. */
const ACROSS = 6;
const steps: Record<string, number> = {
  ArrowLeft: -1,
  ArrowRight: 1,
  ArrowUp: -ACROSS,
  ArrowDown: ACROSS,
  Home: -Infinity,
  End: Infinity,
};

/** The half hours of a day, with what is free, to choose a start from. One tab stop; arrows go by half hours and rows. */
export function HourPicker({ date, chosen, onChoose, except }: Hours & { date: string }) {
  const workspace = useWorkspace();
  const { zone } = useMoment();
  const { clock } = workspace.settings;
  const slots = halfHours(workspace, date, zone, except);
  const isChosen = ({ from, to }: { from: number; to: number }) =>
    chosen !== null && chosen >= from && chosen < to;
  const free = slots.findIndex(({ works, takenBy }) => works && takenBy === null);
  const first = slots.findIndex(isChosen);
  const [moved, setMoved] = useState<number | null>(null);
  const at = moved ?? (first >= 0 ? first : Math.max(0, free));
  const grid = useRef<View>(null);

  useEffect(() => {
    if (moved !== null) elementOf(grid.current)?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
  }, [moved]);
  const onKeyDown = (event: KeyboardEvent) => {
    const step = steps[event.key];
    if (step === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    setMoved(Math.min(slots.length - 1, Math.max(0, at + step)));
  };

  return (
    <View className="gap-1">
      <Words size="xs" tone="soft">
        Hours of {dateWords(date, workspace.settings)}; what is taken is hatched
      </Words>
      <View
        ref={grid}
        role="group"
        aria-label={`Hours of ${dateWords(date, workspace.settings)}`}
        className="flex-row flex-wrap"
        {...webProps({ onKeyDown })}
      >
        {slots.map((slot, i) => {
          const { from, takenBy, works } = slot;
          const look = isChosen(slot)
            ? 'border-pine bg-surface'
            : `border-ground ${takenBy !== null ? 'hatch-quiet' : works ? 'bg-surface' : 'bg-sunken'}`;
          return (
            <Pressable
              key={from}
              role="button"
              tabIndex={i === at ? 0 : -1}
              aria-pressed={isChosen(slot)}
              aria-label={[
                clockWords(from, zone, clock),
                takenBy === null ? 'free' : `taken by ${takenBy}`,
              ].join(', ')}
              onPress={() => onChoose(from)}
              className={`min-h-[44px] items-center justify-center border-2 hover:border-ink-soft ${look}`}
              style={{ width: `${100 / ACROSS}%` }}
            >
              <Words
                size="xs"
                face={works ? 'strong' : 'text'}
                tone={takenBy === null && works ? 'ink' : 'soft'}
              >
                {clockWords(from, zone, clock)}
              </Words>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}
