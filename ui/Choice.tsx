import { Pressable, View } from 'react-native';
import { tabStop } from './choiceKeys';
import { Words } from './Words';

type Props<T extends string> = {
  label: string;
  options: readonly { readonly value: T; readonly name: string }[];
  value: T;
  onChoose: (value: T) => void;
  hideLabel?: boolean;
};

/** One of a few, all in sight. The chosen one is underlined. */
export function Choice<T extends string>({ label, options, value, onChoose, hideLabel = false }: Props<T>) {
  const noneChosen = !options.some((option) => option.value === value);
  return (
    <View className="gap-1">
      {!hideLabel && (
        <Words size="xs" tone="soft">
          {label}
        </Words>
      )}
      <View role="radiogroup" aria-label={label} className="flex-row flex-wrap gap-x-1">
        {options.map((option, i) => (
          <Pressable
            key={option.value}
            role="radio"
            aria-checked={option.value === value}
            tabIndex={tabStop(option.value === value, i === 0 && noneChosen)}
            onPress={() => onChoose(option.value)}
            className={`min-h-[44px] min-w-[44px] items-center justify-center border-b-2 px-2.5 hover:border-line ${option.value === value ? 'border-pine' : 'border-transparent'}`}
          >
            <Words
              face={option.value === value ? 'strong' : 'text'}
              tone={option.value === value ? 'ink' : 'soft'}
            >
              {option.name}
            </Words>
          </Pressable>
        ))}
      </View>
    </View>
  );
}
