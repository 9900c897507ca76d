import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { IconButton } from '@/ui/Button';
import { HourPicker, type Hours } from './HourPicker';
import { MonthPicker } from './MonthPicker';

type Props = {
  /** What the day is of: `Due`. */
  of: string;
  chosen: string;
  onChoose: (date: string) => void;
  /** The first day that can be chosen. */
  from?: string;
  /** The hours of the chosen day, where an hour is asked for too. */
  hours?: Hours | undefined;
  /** What else can be done with the chosen day. */
  more?: ReactNode;
  /** The field in which a day is typed. */
  children: ReactNode;
};

/** A day that is typed, or chosen from a month that opens below, with its hours. */
export function WithMonth({ of, chosen, onChoose, from, hours, more, children }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <View className="gap-2">
      <View className="flex-row items-end gap-1">
        <View className="flex-1">{children}</View>
        <IconButton
          label={open ? `Close the month of ${of}` : `${of}: choose from a month`}
          icon="jump"
          colour="ink-soft"
          onPress={() => setOpen(!open)}
        />
      </View>
      {open && (
        <MonthPicker
          chosen={chosen}
          from={from}
          onChoose={(date) => {
            // its hours are chosen next
            if (!hours) setOpen(false);
            onChoose(date);
          }}
        />
      )}
      {open && more}
      {open && hours && (
        <HourPicker
          key={chosen}
          date={chosen}
          {...hours}
          onChoose={(start) => {
            setOpen(false);
            hours.onChoose(start);
          }}
        />
      )}
    </View>
  );
}
