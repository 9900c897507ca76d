import { useEffect, type ReactNode, type RefObject } from 'react';
import { View } from 'react-native';
import { elementOf, webProps } from '@/ui/dom';

type Props = {
  /** The card, for those who give it the keyboard again. */
  card: RefObject<View | null>;
  /** What a screen reader says: the thing, and what becomes of it. */
  label: string;
  /** What a key (`KeyboardEvent.key`) does while the card has the keyboard. */
  doing: (key: string) => (() => void) | undefined;
  /** More properties of the card, as those of a swipe. */
  more?: object;
  children: ReactNode;
};

/** The card of the one thing that is decided on now: it takes the keyboard when it comes, and has keys of its own. */
export function OneAtATime({ card, label, doing, more, children }: Props) {
  useEffect(() => elementOf(card.current)?.focus(), [card]);
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.target !== event.currentTarget || event.ctrlKey || event.metaKey || event.altKey) return;
    const act = doing(event.key);
    if (!act) return;
    // the places have figures of their own
    event.preventDefault();
    event.stopPropagation();
    act();
  };
  return (
    <View
      ref={card}
      tabIndex={0}
      role="group"
      aria-label={label}
      {...webProps({ onKeyDown })}
      {...more}
      className="touch-pan-y gap-2 rounded-lg border border-line bg-surface p-4"
    >
      {children}
    </View>
  );
}
