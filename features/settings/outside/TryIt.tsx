import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Words } from '@/ui/Words';
import type { Credentials } from './WhoAsks';

type Props = {
  /** What it is, as `account`. */
  what: string;
  /** Who asks there, where there is a simulated one. */
  known: Credentials | undefined;
  onChoose: (known: Credentials) => void;
};

/** A simulated service to try out, where there is one. */
export const TryIt = ({ what, known, onChoose }: Props) =>
  known && (
    <View className="gap-2">
      <Words size="xs" tone="soft">
        To try it, a simulated one:
      </Words>
      <View className="flex-row">
        <Button label={`The ${what} of ${known.username}`} onPress={() => onChoose(known)} />
      </View>
    </View>
  );
