import { useEffect, useRef, useState } from 'react';
import { DayPicker, type DayButtonProps } from 'react-day-picker';
import { loadWords, UprightLoad } from '@/board/LoadMeasure';
import { dayPlan } from '@/core/plan/dayPlan';
import { dateWords, dayOfMonth, monthWords, weekdayWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Icon } from '@/ui/icons';
import { Words } from '@/ui/Words';

type Props = {
  chosen: string;
  onChoose: (date: string) => void;
  /** The first day that can be chosen. */
  from?: string | undefined;
};

/** A date as the picker has it: midnight by the clock of the browser. */
const dayOf = (date: string): Date => {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  return new Date(year, month - 1, day);
};
const two = (number: number) => String(number).padStart(2, '0');
const dateOf = (day: Date) => `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`;

const formatters = {
  formatCaption: (month: Date) => monthWords(dateOf(month)),
  formatWeekdayName: (day: Date) => weekdayWords(dateOf(day)),
};
const labels = {
  labelGrid: (month: Date) => `Days of ${monthWords(dateOf(month))}`,
  labelPrevious: () => 'The month before',
  labelNext: () => 'The month after',
};
const button = 'flex h-[44px] w-[44px] items-center justify-center rounded-lg hover:bg-sunken';
const classNames = {
  month: 'grid grid-cols-[44px_1fr_44px] items-center gap-y-1',
  month_caption: 'text-center font-strong text-sm text-ink',
  button_previous: button,
  button_next: button,
  month_grid: 'col-span-3 w-full table-fixed border-collapse',
  weekday: 'font-text text-xs font-normal text-ink-soft',
  day: 'p-0',
};

/** A day of the month with its load. */
function Day({ day, modifiers, className: _, ...props }: DayButtonProps) {
  const workspace = useWorkspace();
  const { zone, today } = useMoment();
  const { load } = dayPlan(workspace, day.isoDate, zone);
  const { words, left } = loadWords(load);
  const { selected, disabled, outside, focused } = modifiers;
  const isToday = day.isoDate === today;
  const element = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (focused) element.current?.focus();
  }, [focused]);
  return (
    <button
      {...props}
      ref={element}
      aria-label={[dateWords(day.isoDate, workspace.settings), isToday ? 'today' : '', words, left]
        .filter(Boolean)
        .join(', ')}
      className={`flex min-h-[52px] w-full flex-col items-center justify-center gap-0.5 border hover:border-ink-soft ${selected ? 'border-pine bg-surface' : 'border-transparent'} ${disabled ? 'opacity-50' : ''}`}
    >
      <Words size="sm" face={outside ? 'text' : 'strong'} tone={isToday ? 'amber' : outside ? 'soft' : 'ink'}>
        {dayOfMonth(day.isoDate)}
      </Words>
      <UprightLoad load={load} />
    </button>
  );
}

const Chevron = ({ orientation }: { orientation?: 'up' | 'down' | 'left' | 'right' | undefined }) => (
  <Icon name={orientation === 'left' ? 'back' : 'forward'} />
);
const components = { DayButton: Day, Chevron };

/** A month to choose a day from, each with its load. */
export function MonthPicker({ chosen, onChoose, from }: Props) {
  const { weekStart } = useWorkspace().settings;
  const [month, setMonth] = useState(() => dayOf(chosen));
  const [last, setLast] = useState(chosen);
  if (chosen !== last) {
    setLast(chosen);
    setMonth(dayOf(chosen));
  }
  return (
    <DayPicker
      mode="single"
      required
      selected={dayOf(chosen)}
      onSelect={(day: Date) => onChoose(dateOf(day))}
      month={month}
      onMonthChange={setMonth}
      weekStartsOn={(weekStart % 7) as 0 | 1 | 2 | 3 | 4 | 5 | 6} // Sunday is 0 there
      disabled={from === undefined ? [] : { before: dayOf(from) }}
      navLayout="around"
      showOutsideDays
      {...{ formatters, labels, classNames, components }}
    />
  );
}
