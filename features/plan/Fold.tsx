import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { create } from 'zustand';
import { useTouched } from '@/board/strip/touched';
import { useWide } from '@/ui/useWide';
import { Icon } from '@/ui/icons';
import { Words } from '@/ui/Words';

/** Whether what stands above the hours is unfolded; the same for every day and view. */
const useFold = create(() => ({ open: false }));

/** What stands above the hours, in words. */
export type Folded = {
  /** What it is about: `the day`. */
  readonly about: string;
  readonly first: string;
  readonly aside?: string;
  readonly over?: boolean;
  /** What is folded away; a warning comes first. */
  readonly rest: readonly string[];
  readonly warning?: string | null;
  /** What is told where nothing else is. */
  readonly hint?: string;
};

type FoldProps = { folded: Folded; /** Its height is needed. */ away?: boolean; children: ReactNode };

/** On a phone, where the hours need the height, what stands above them is told in two lines and unfolded by a tap. */
export function Fold({ folded, away = false, children }: FoldProps) {
  const open = useFold((state) => state.open);
  const wide = useWide();
  const touched = useTouched((state) => state.words);
  if (wide) return children;
  if (away) return null;
  const { about, first, aside = '', over = false, rest, warning, hint = '' } = folded;
  // unfolded, the rest stands below
  const words = touched || [warning, ...(open ? [] : rest)].filter(Boolean).join(' · ') || hint;
  return (
    <View>
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => useFold.setState({ open: !open })}
        className="min-h-[44px] flex-row items-center gap-2 px-4 focus-visible:[outline-offset:-2px]"
      >
        <Words className="sr-only">About {about}: </Words>
        <View className="flex-1">
          <View className="flex-row justify-between gap-2">
            <View className="shrink">
              <Words size="sm" face="strong" numberOfLines={1}>
                {first}
              </Words>
            </View>
            <Words size="sm" tone={over ? 'brick' : 'soft'} face={over ? 'strong' : 'text'}>
              {aside}
            </Words>
          </View>
          {words !== '' && (
            <Words size="xs" tone={touched ? 'ink' : warning ? 'brick' : 'soft'} numberOfLines={1}>
              {words}
            </Words>
          )}
        </View>
        <Icon name={open ? 'less' : 'more'} size={18} colour="ink-soft" />
      </Pressable>
      {open && children}
    </View>
  );
}
