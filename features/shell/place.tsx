import type { ComponentType } from 'react';
import { Boundary } from '@/ui/Boundary';
import { UntilLoaded } from '@/ui/UntilLoaded';

/** The screen of a place, within which stays what fails. Not around all routes, as the router would go elsewhere without them. */
export function place(name: string, Screen: ComponentType): ComponentType {
  const Place = () => (
    <Boundary what={name} isPlace>
      <UntilLoaded>
        <Screen />
      </UntilLoaded>
    </Boundary>
  );
  return Place;
}
