import type { ReactNode } from 'react';
import { View } from 'react-native';
import { usePageTitle } from './announce';
import { UndoButtons } from './UndoButtons';
import { useIsNarrow } from './useWide';
import { Heading, Words } from './Words';
import { ScrollRegion } from './ScrollRegion';

type ScreenHeadProps = {
  title: string;
  about?: string;
  /** What the page is called, where that is not its title. */
  page?: string;
  children?: ReactNode;
};

/** The head of a screen: its name, what it is about, undo and redo. */
export function ScreenHead({ title, about, page = title, children }: ScreenHeadProps) {
  usePageTitle(page);
  const narrow = useIsNarrow();
  return (
    <View className="flex-row flex-wrap items-start justify-between gap-x-3">
      {/* as wide as its longest word at least, else what stands beside it goes below */}
      <View className="min-w-min flex-1 lg:flex-row lg:items-baseline lg:gap-x-3">
        <Heading tight={narrow}>{title}</Heading>
        {about && <Words tone="soft">{about}</Words>}
      </View>
      <View className="flex-row items-center">
        {children}
        <UndoButtons />
      </View>
    </View>
  );
}

type ScrollScreenProps = {
  /** Its foot stays at the lower edge, however little stands above it. */
  hasFoot?: boolean;
  children: ReactNode;
};

/** A screen that scrolls as a whole, at a width that can be read. */
export const ScrollScreen = ({ hasFoot = false, children }: ScrollScreenProps) => (
  <ScrollRegion
    role="main"
    contentContainerClassName={`w-full max-w-[720px] self-center gap-5 px-4 pt-4 ${hasFoot ? 'grow' : 'pb-24'}`}
  >
    {children}
  </ScrollRegion>
);

/** A screen with nothing on it teaches the next step. */
export const Empty = ({ title, children }: { title: string; children: ReactNode }) => (
  <View className="gap-3 border-l-4 border-line py-2 pl-4">
    <Words size="base" face="strong">
      {title}
    </Words>
    {children}
  </View>
);

/** A part of a screen or a panel, under its name. */
export const Part = ({ title, children }: { title: string; children: ReactNode }) => (
  <View className="gap-3 border-t border-line pt-4">
    <Heading level={2}>{title}</Heading>
    {children}
  </View>
);
