import type { ReactNode } from 'react';
import { Text, type TextProps } from 'react-native';
import { useHyphened, withLongWords } from './hyphens';

const sizes = { xs: 'text-xs', sm: 'text-sm', base: 'text-base', lg: 'text-lg', xl: 'text-xl' };
const tones = {
  ink: 'text-ink',
  soft: 'text-ink-soft',
  pine: 'text-pine',
  onPine: 'text-on-pine',
  amber: 'text-amber',
  onAmber: 'text-on-amber',
  brick: 'text-brick',
  leaf: 'text-leaf',
  edge: 'text-edge',
};
const faces = { text: 'font-text', strong: 'font-strong', mono: 'font-mono' };

export type Tone = keyof typeof tones;

type Props = Pick<TextProps, 'numberOfLines' | 'role' | 'id' | 'aria-live' | 'aria-hidden'> & {
  children: ReactNode;
  size?: keyof typeof sizes;
  tone?: Tone;
  face?: keyof typeof faces;
  className?: string;
};

/** Signs that turn the letters after them around, by which a text can look like another. */
const OVERRIDES = /[\u202D\u202E]/g;

/** Text in which what would turn it around is seen instead. */
export const plainly = <C,>(children: C): C | string =>
  typeof children === 'string' ? withLongWords(children.replace(OVERRIDES, '[reversed]')) : children;

/** All text of the interface. */
export function Words({
  size = 'sm',
  tone = 'ink',
  face = 'text',
  className = '',
  children,
  ...rest
}: Props) {
  return (
    <Text className={`tabular ${faces[face]} ${sizes[size]} ${tones[tone]} ${className}`} {...rest}>
      {plainly(children)}
    </Text>
  );
}

/** The level of a heading, without which it is one of the page itself. React Native's types lack it; the web target has it. */
const ofLevel = (level: 1 | 2) => ({ 'aria-level': level }) as object;

/** The name of a screen or of a part of it; a tight one has little room beside it. */
export function Heading({
  children,
  level = 1,
  tight = false,
}: {
  children: ReactNode;
  level?: 1 | 2;
  tight?: boolean;
}) {
  return (
    <Words role="heading" {...ofLevel(level)} face="strong" size={level === 2 || tight ? 'base' : 'xl'}>
      {children}
    </Words>
  );
}

/** The name of a part of a screen, quiet above what it holds. */
export const Subheading = ({ children }: { children: ReactNode }) => (
  <Words role="heading" {...ofLevel(2)} face="strong" tone="soft">
    {children}
  </Words>
);

/** The title of a thing in a column that may be narrower than its words: a few lines of it, broken by hyphens where they must be. */
export function Title({
  children,
  narrow = true,
  lines = 2,
  tone = 'ink',
}: {
  children: string;
  narrow?: boolean;
  lines?: number;
  tone?: Tone;
}) {
  const hyphened = useHyphened(children, narrow);
  return (
    <Words face="strong" tone={tone} numberOfLines={lines}>
      {hyphened}
    </Words>
  );
}
