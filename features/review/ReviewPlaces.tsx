import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Words } from '@/ui/Words';

const places = [
  { path: '/review', name: 'Hours' },
  { path: '/weekly', name: 'Weekly review' },
  { path: '/estimates', name: 'Estimates' },
] as const;

/** The places within Review. */
export const ReviewPlaces = ({ at }: { at: (typeof places)[number]['path'] }) => (
  <View role="navigation" aria-label="Within Review" className="-mx-2.5 flex-row flex-wrap">
    {places.map(({ path, name }) => (
      <Link key={path} href={path} asChild>
        <Pressable
          aria-label={name}
          aria-current={path === at ? 'page' : undefined}
          className={`min-h-[44px] min-w-[44px] items-center justify-center border-b-2 px-2.5 hover:border-line ${path === at ? 'border-pine' : 'border-transparent'}`}
        >
          <Words face={path === at ? 'strong' : 'text'} tone={path === at ? 'ink' : 'soft'}>
            {name}
          </Words>
        </Pressable>
      </Link>
    ))}
  </View>
);
