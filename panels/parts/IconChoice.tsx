import { Pressable, View } from 'react-native';
import { ListIcon } from '@/core/model/task';
import { tabStop } from '@/ui/choiceKeys';
import { swatch } from '@/ui/HueChoice';
import { Icon } from '@/ui/icons';

type Props = { of: string; value: ListIcon | undefined; onChoose: (icon: ListIcon) => void };

/** One icon of all, for what bears a name. */
export const IconChoice = ({ of, value, onChoose }: Props) => (
  <View role="radiogroup" aria-label={`Icon of ${of}`} className="flex-row flex-wrap">
    {ListIcon.options.map((option, i) => (
      <Pressable
        key={option}
        role="radio"
        aria-checked={option === value}
        tabIndex={tabStop(option === value, i === 0 && value === undefined)}
        aria-label={option}
        onPress={() => onChoose(option)}
        className={swatch(option === value)}
      >
        <Icon name={option} size={18} colour="edge" />
      </Pressable>
    ))}
  </View>
);
