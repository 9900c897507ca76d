import { Pressable, View } from 'react-native';
import { Hue } from '@/core/model/common';
import { tabStop } from './choiceKeys';

/** How a choice in a row of small pictures is drawn. */
export const swatch = (chosen: boolean) =>
  `h-[44px] w-[44px] lg:w-9 items-center justify-center border-b-2 ${chosen ? 'border-edge' : 'border-transparent hover:border-line'}`;

type HueChoiceProps = { of: string; value: Hue; onChoose: (hue: Hue) => void };

/** Chooses one of the hues, each with its pattern. */
export const HueChoice = ({ of, value, onChoose }: HueChoiceProps) => (
  <View
    role="radiogroup"
    aria-label={`Hue of ${of}`}
    className="max-w-[176px] flex-row flex-wrap lg:max-w-none"
  >
    {Hue.options.map((option) => (
      <Pressable
        key={option}
        role="radio"
        aria-checked={option === value}
        tabIndex={tabStop(option === value)}
        aria-label={option}
        onPress={() => onChoose(option)}
        className={`hue-${option} ${swatch(option === value)}`}
      >
        <View className="h-6 w-6 border border-edge bg-fill">
          <View className="edge-mark h-full w-1" />
        </View>
      </Pressable>
    ))}
  </View>
);
