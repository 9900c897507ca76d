import type { ReactNode } from 'react';
import { Text } from 'react-native';
import { plainly } from '@/ui/Words';

type Props = {
  children: ReactNode;
  /** In pixels; the lines are a quarter higher. */
  size: number;
  mono?: boolean;
  heading?: boolean;
  lines?: number;
};

/** Text to be read from across a room. */
export const Large = ({ children, size, mono = false, heading = false, lines = 2 }: Props) => (
  <Text
    role={heading ? 'heading' : undefined}
    aria-level={heading ? 1 : undefined}
    numberOfLines={lines}
    className={`tabular ${mono ? 'font-mono text-amber' : 'font-strong text-ink'}`}
    style={{ fontSize: size, lineHeight: size * 1.25 }}
  >
    {plainly(children)}
  </Text>
);
