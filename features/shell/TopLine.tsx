import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Icon } from '@/ui/icons';
import { Words } from '@/ui/Words';

type Props = {
  /** What kind of line it is, before its title in the name of the region. */
  kind: string;
  title: string;
  line: string;
  /** It rings: a bell stands before it. */
  rings?: boolean;
  children: ReactNode;
};

/** A line above every place: what it is about, and what can be done about it. */
export const TopLine = ({ kind, title, line, rings = false, children }: Props) => (
  <View
    role="region"
    aria-label={`${kind}: ${title}`}
    className={`flex-row flex-wrap items-center gap-x-3 bg-surface px-4 py-1 ${rings ? 'border-b-2 border-amber' : 'border-b border-line'}`}
  >
    {rings && <Icon name="bell" size={18} colour="amber" />}
    <View className="min-w-[12rem] flex-1 py-1">
      <Words face="strong" numberOfLines={2}>{`${title} `}</Words>
      <Words size="xs" tone="soft">
        {line}
      </Words>
    </View>
    <View className="max-w-full flex-row flex-wrap items-center gap-1">{children}</View>
  </View>
);
