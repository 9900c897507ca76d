import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { useWatch } from 'react-hook-form';
import { setZones } from '@/core/commands/frames';
import { GuideAnswers, guidedZones, guideSteps, plainAnswers, type GuideStep } from '@/core/frame/guide';
import { minutesOfWeek, shapeOf } from '@/core/frame/shape';
import { weekOf } from '@/core/time/week';
import { durationWords } from '@/core/time/words';
import { dayOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { useMoment } from '@/ui/clock';
import { elementOf } from '@/ui/dom';
import { Foot } from '@/ui/Foot';
import { useDraftForm } from '@/ui/form';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { Heading, Words } from '@/ui/Words';
import { MealSteps, SleepStep, TravelStep, WeekendStep, WorkStep } from './guideSteps';
import { WeekPicture } from './WeekPicture';

const form = { name: 'Guided start', fields: GuideAnswers, whole: GuideAnswers };

const steps: Record<GuideStep, { readonly title: string; readonly Content: typeof SleepStep }> = {
  sleep: { title: 'When do you sleep?', Content: SleepStep },
  work: { title: 'When do you work?', Content: WorkStep },
  meals: { title: 'When do you eat?', Content: MealSteps },
  travel: { title: 'How long is the way to work?', Content: TravelStep },
  weekend: { title: 'What are days off for?', Content: WeekendStep },
};

/** Makes the zones of a frame in five short steps, the week growing beside them. */
function Guide({ frameId }: Panels['guide']) {
  const { settings } = useWorkspace();
  const { today, zone } = useMoment();
  const { control, setValue, getValues, discard } = useDraftForm(form, plainAnswers);
  const wide = useWide();
  const [at, goTo] = useState(0);
  const answers = useWatch({ control, compute: (values) => values });
  const step = guideSteps[at] ?? 'sleep';
  const last = at === guideSteps.length - 1;
  const { title, Content } = steps[step];
  // what is ahead is not in the picture yet
  const taken = (name: GuideStep, place: number) => place <= at && answers.taken[name] !== false;
  const zones = guidedZones({
    ...answers,
    taken: Object.fromEntries(guideSteps.map((name, place) => [name, taken(name, place)])),
  });
  const workHours = minutesOfWeek(shapeOf(zones).filter(({ zone }) => zone.kind === 'work'));
  const fields = useRef<View>(null);
  useEffect(() => {
    // on a phone the keyboard would cover the step
    if (wide) elementOf(fields.current)?.querySelector<HTMLElement>('input, [role=checkbox]')?.focus();
  }, [at, wide]);
  /** A value that was refused holds the step, and has the keyboard. */
  const staysAtRefused = (): boolean => {
    const refused = elementOf(fields.current)?.querySelector<HTMLElement>('[aria-invalid=true]');
    refused?.focus();
    return Boolean(refused);
  };
  const finish = () => {
    const own = guidedZones(getValues(), () => newId());
    const week = weekOf(today, settings.weekStart);
    const { from: start } = dayOf(week, zone);
    const input = { frameId, week, zones: own, start };
    if (!store.run(setZones, input, 'The frame has the week that you described')) return;
    discard();
    closePanel();
  };
  return (
    <View className="gap-4">
      <View className="gap-1">
        <Words size="xs" tone="soft">
          Step {at + 1} of {guideSteps.length}. All of it can be changed afterwards.
        </Words>
        <Heading level={2}>{title}</Heading>
      </View>
      <View ref={fields}>
        <Content control={control} />
      </View>
      <CheckBox
        label="Leave this out"
        checked={answers.taken[step] === false}
        onToggle={() => setValue('taken', { ...answers.taken, [step]: answers.taken[step] === false })}
      />
      <View className="gap-1">
        <WeekPicture zones={zones} />
        <Words size="xs" tone="soft" aria-live="polite">
          {workHours > 0 ? `${durationWords(workHours)} of work a week so far.` : 'No work in it so far.'}
        </Words>
      </View>
      <Words size="xs" tone="soft">
        It takes the place of the zones that this frame has. One step of undo brings them back.
      </Words>
      <Foot>
        {at > 0 && <Button label="Back" onPress={() => goTo(at - 1)} />}
        <Button
          label={last ? 'Use this week' : 'Next'}
          kind="primary"
          onPress={() => !staysAtRefused() && (last ? finish() : goTo(at + 1))}
        />
      </Foot>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** The guided start of a frame. */
    guide: { readonly frameId: string };
  }
}

export const guide: Panel<Panels['guide']> = { useTitle: () => 'Guided start', Content: Guide };
