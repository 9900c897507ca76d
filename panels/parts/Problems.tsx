import { View } from 'react-native';
import { Words } from '@/ui/Words';

const MOST_SHOWN = 100;

type Props = { heading: string; problems: readonly { readonly what: string; readonly hint: string }[] };

/** What of a file could not be taken as it stands, and what became of it. */
export const Problems = ({ heading, problems }: Props) => (
  <View className="gap-2">
    <Words face="strong">{heading}</Words>
    {problems.slice(0, MOST_SHOWN).map(({ what, hint }) => (
      <View key={what} className="border-l-4 border-brick bg-brick-pale px-3 py-2">
        <Words face="strong">{what}</Words>
        <Words size="xs">{hint}</Words>
      </View>
    ))}
    {problems.length > MOST_SHOWN && <Words tone="soft">and {problems.length - MOST_SHOWN} more</Words>}
  </View>
);
