import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '@/ui/Button';
import { Foot } from '@/ui/Foot';
import { Icon } from '@/ui/icons';
import { ScreenHead, ScrollScreen } from '@/ui/Screen';
import { useWide } from '@/ui/useWide';
import { Heading, Words } from '@/ui/Words';

export type WalkStep<Id extends string> = {
  readonly id: Id;
  readonly name: string;
  /** How many things wait there; 0 is passed over. */
  readonly count?: number | undefined;
};

type Props<Id extends string> = {
  title: string;
  about: string;
  steps: readonly WalkStep<Id>[];
  at: Id;
  onGo: (to: Id) => void;
  onClose: () => void;
  /** What the last step is for. */
  last: ReactNode;
  children: ReactNode;
};

const waits = ({ count }: WalkStep<string>) => count !== 0;

/** The next step at which something waits, if there is one. */
export const nextStep = <Id extends string>(
  steps: readonly WalkStep<Id>[],
  at: Id,
): WalkStep<Id> | undefined => steps.slice(steps.findIndex(({ id }) => id === at) + 1).find(waits);

/** A walk of several steps: where one is, how many are left, and the way on and back. */
export function Walk<Id extends string>({
  title,
  about,
  steps,
  at,
  onGo,
  onClose,
  last,
  children,
}: Props<Id>) {
  const wide = useWide();
  const index = steps.findIndex(({ id }) => id === at);
  const next = nextStep(steps, at);
  const before = steps.slice(0, Math.max(0, index)).reverse().find(waits);
  const name = steps[index]?.name ?? '';
  return (
    <ScrollScreen hasFoot>
      <ScreenHead title={title} about={`${about} · ${index + 1} of ${steps.length}`}>
        <Button
          label={wide ? 'Leave it for later' : 'Leave'}
          says="Leave it for later"
          kind="quiet"
          onPress={onClose}
        />
      </ScreenHead>
      <View className={`grow ${wide ? 'flex-row gap-6' : 'gap-4'}`}>
        <Steps steps={steps} index={index} onGo={onGo} upright={wide} />
        <View className="min-w-0 flex-1 gap-4">
          <View className={wide ? '' : 'sr-only'}>
            <Heading level={2}>{name}</Heading>
          </View>
          {children}
        </View>
      </View>
      <Foot>
        {before && <Button label="Back" says={`Back to ${before.name}`} onPress={() => onGo(before.id)} />}
        <View className="flex-1" />
        {next ? <Button label={`Next: ${next.name}`} kind="primary" onPress={() => onGo(next.id)} /> : last}
      </Foot>
    </ScrollScreen>
  );
}

type StepsProps<Id extends string> = {
  steps: readonly WalkStep<Id>[];
  index: number;
  onGo: (to: Id) => void;
  upright: boolean;
};

/** All steps by name: those that are behind, the present one, and what waits at the others. */
function Steps<Id extends string>({ steps, index, onGo, upright }: StepsProps<Id>) {
  return (
    <View
      role="navigation"
      aria-label="Steps"
      className={upright ? 'w-44 gap-0.5' : 'flex-row flex-wrap gap-x-3'}
    >
      {steps.map(({ id, name, count }, i) => {
        const isOver = count === 0 || (count === undefined && i < index);
        return (
          <Pressable
            key={id}
            role="button"
            aria-current={i === index ? 'step' : undefined}
            onPress={() => onGo(id)}
            className={`min-h-[44px] min-w-[44px] flex-row items-center gap-2 ${upright ? 'rounded-lg px-2 hover:bg-sunken' : ''}`}
          >
            {upright && (
              <View aria-hidden className="w-4 items-center">
                {isOver && i !== index ? (
                  <Icon name="check" size={14} colour="ink-soft" />
                ) : (
                  <Words face={i === index ? 'strong' : 'text'} tone={i === index ? 'pine' : 'soft'}>
                    {i + 1}
                  </Words>
                )}
              </View>
            )}
            <Words face={i === index ? 'strong' : 'text'} tone={i === index ? 'pine' : 'soft'}>
              {name}
              {count ? ` · ${count}` : ''}
              {isOver && i !== index && <Words className="sr-only">, done</Words>}
            </Words>
          </Pressable>
        );
      })}
    </View>
  );
}
