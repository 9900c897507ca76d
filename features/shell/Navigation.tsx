import { Link, usePathname } from 'expo-router';
import { Pressable, View } from 'react-native';
import { inboxOn } from '@/core/tasks/inbox';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useFirstDrawn } from '@/ui/firstDrawn';
import { Icon } from '@/ui/icons';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { places } from './places';

/** What lies within Review. */
const ofReview: ReadonlySet<string> = new Set(['/weekly', '/estimates']);

/** The places: a bar below on a phone, a narrow labelled rail on a wide screen. */
export function Navigation() {
  const wide = useWide();
  const here = usePathname();
  const waiting = useWaiting();
  return (
    <View
      role="navigation"
      aria-label="Places"
      className={
        wide
          ? 'w-[84px] flex-1 gap-1 border-r border-line bg-surface py-3'
          : 'flex-row border-t border-line bg-surface'
      }
    >
      {places.map(({ path, name, icon }) => {
        if (path === '/frame' && !wide) return null;
        const current = here === path || (path === '/review' && ofReview.has(here));
        const mark = current ? 'border-pine' : 'border-transparent';
        return (
          <Link key={path} href={path} asChild>
            <Pressable
              aria-label={path === '/tasks' && waiting > 0 ? `${name} ${waiting} in the inbox` : name}
              aria-current={current ? 'page' : undefined}
              className={`items-center justify-center gap-1 hover:bg-ground ${wide ? `min-h-[63px] border-l-[3px] ${mark}` : `h-[62px] flex-1 border-t-[3px] ${mark}`}`}
            >
              <Icon name={icon} size={22} colour={current ? 'pine' : 'ink-soft'} />
              <Words size="xs" face={current ? 'strong' : 'text'} tone={current ? 'pine' : 'soft'}>
                {name}
              </Words>
              {path === '/tasks' && waiting > 0 && <Count of={waiting} />}
            </Pressable>
          </Link>
        );
      })}
    </View>
  );
}

/** How many things wait in the inbox; none before the first picture stands. */
function useWaiting(): number {
  const { today } = useMoment();
  const workspace = useWorkspace();
  return useFirstDrawn() ? inboxOn(workspace, today).length : 0;
}

const Count = ({ of }: { of: number }) => (
  <View className="absolute left-1/2 top-1.5 ml-2 min-w-[18px] items-center rounded bg-sunken px-1">
    <Words size="xs" face="strong">
      {` ${of > 99 ? '99+' : of}`}
    </Words>
  </View>
);
