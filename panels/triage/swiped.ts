import { webProps } from '@/ui/dom';

/** How far a finger goes for a swipe (pixels); less is a press, and more up or down is scrolling. */
const FAR = 80;

/** What a swipe to either side does, as properties of what is swiped. */
export const swiped = (to: { readonly left: () => void; readonly right: () => void }): object =>
  webProps({
    onTouchStart: ({ nativeEvent: { touches, target } }) => {
      const [from, second] = [...touches];
      if (!from || second) return;
      const end = (event: Event) => {
        const [finger] = event instanceof TouchEvent ? [...event.changedTouches] : [];
        if (!finger) return;
        const [x, y] = [finger.clientX - from.clientX, finger.clientY - from.clientY];
        if (Math.abs(x) < FAR || Math.abs(x) < 2 * Math.abs(y)) return;
        if (x > 0) to.right();
        else to.left();
      };
      target?.addEventListener('touchend', end, { once: true });
    },
  });
