import { Link, usePathname } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Icon } from '@/ui/icons';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { places } from './places';

/** The five places: a bar below on a phone, a narrow labelled rail on a wide screen. */
export function Navigation() {
  const wide = useWide();
  const here = usePathname();
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
        const current = here === path;
        const mark = current ? 'border-pine' : 'border-transparent';
        return (
          <Link key={path} href={path} asChild>
            <Pressable
              aria-label={name}
              aria-current={current ? 'page' : undefined}
              className={`items-center justify-center gap-1 hover:bg-ground ${wide ? `min-h-[63px] border-l-[3px] ${mark}` : `h-[62px] flex-1 border-t-[3px] ${mark}`}`}
            >
              <Icon name={icon} size={22} colour={current ? 'pine' : 'ink-soft'} />
              <Words size="xs" face={current ? 'strong' : 'text'} tone={current ? 'pine' : 'soft'}>
                {name}
              </Words>
            </Pressable>
          </Link>
        );
      })}
    </View>
  );
}
