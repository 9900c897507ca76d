import { useRef } from 'react';
import type { View } from 'react-native';
import { Words } from '@/ui/Words';
import { OneAtATime } from './OneAtATime';

/** That nothing waits at a step, or nothing more. It takes the keyboard from what was there before; Enter goes on. */
export function Nothing({ words, onNext }: { words: string; onNext: () => void }) {
  const card = useRef<View>(null);
  return (
    <OneAtATime card={card} label={words} doing={(key) => (key === 'Enter' ? onNext : undefined)}>
      <Words>{words}</Words>
    </OneAtATime>
  );
}
