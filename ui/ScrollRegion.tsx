import { useEffect, useRef, useState, type RefObject } from 'react';
import { ScrollView, type ScrollViewProps, type View } from 'react-native';
import { elementOf } from './dom';

const stops = 'a[href], button:not([disabled]), input, textarea, iframe, [tabindex="0"]';

type Props = ScrollViewProps & { ref?: RefObject<ScrollView | null> };

/**
 * What scrolls. It is a stop of Tab only while nothing within it is one, as the arrows scroll from there, too
 * (WCAG 2.1.1).
 */
export function ScrollRegion({ ref, className = '', ...props }: Props) {
  const own = useRef<ScrollView>(null);
  const region = ref ?? own;
  const [isStop, setStop] = useState(true);
  useEffect(() => {
    // on the web the ref of a ScrollView is its element, as a View's is
    const element = elementOf(region.current as unknown as View | null);
    if (!element) return;
    const look = () => setStop(element.querySelector(stops) === null);
    look();
    const watch = new MutationObserver(look);
    watch.observe(element, { childList: true, subtree: true });
    return () => watch.disconnect();
  }, [region]);
  return (
    <ScrollView {...props} className={`scroll-region ${className}`} ref={region} tabIndex={isStop ? 0 : -1} />
  );
}
