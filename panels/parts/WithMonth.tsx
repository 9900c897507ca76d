import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { IconButton } from '@/ui/Button';
import { MonthPicker } from './MonthPicker';

type Props = {
  /** What the day is of: `Due`. */
  of: string;
  chosen: string;
  onChoose: (date: string) => void;
  /** The first day that can be chosen. */
  from?: string;
  /** The field in which a day is typed. */
  children: ReactNode;
};

/** A day that is typed, or chosen from a month that opens below. */
export function WithMonth({ of, chosen, onChoose, from, children }: Props) {
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
          key={chosen}
          chosen={chosen}
          from={from}
          onChoose={(date) => {
            setOpen(false);
            onChoose(date);
          }}
        />
      )}
    </View>
  );
}
