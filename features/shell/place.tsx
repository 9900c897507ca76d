import { Suspense, type ComponentType } from 'react';
import { Boundary } from '@/ui/Boundary';

/**
 * The screen of a place: what is on its way leaves it empty, and what fails stays within it. Not around the routes, as
 * the router would go elsewhere when they were taken away.
 */
export function place(name: string, Screen: ComponentType): ComponentType {
  const Place = () => (
    <Boundary what={name} isPlace>
      <Suspense>
        <Screen />
      </Suspense>
    </Boundary>
  );
  return Place;
}
