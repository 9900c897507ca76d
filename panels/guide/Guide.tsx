import { useState } from 'react';
import { View } from 'react-native';
import { useWatch } from 'react-hook-form';
import { setZones } from '@/core/commands/frames';
import { GuideAnswers, guidedZones, guideSteps, plainAnswers, type GuideStep } from '@/core/frame/guide';
import { minutesOfWeek, shapeOf } from '@/core/frame/shape';
import { weekOf } from '@/core/time/week';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { useMoment } from '@/ui/clock';
import { useDraftForm } from '@/ui/form';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
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
  const { today } = useMoment();
  const { control, setValue, getValues, discard } = useDraftForm(form, plainAnswers);
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
  const finish = () => {
    const own = guidedZones(getValues(), () => newId());
    const week = weekOf(today, settings.weekStart);
    if (!store.run(setZones, { frameId, week, zones: own }, 'The frame has the week that you described'))
      return;
    discard();
    closePanel();
  };
  return (
    <View className="gap-4">
      <View className="gap-1">
        <Words size="xs" tone="soft">
          Step {at + 1} of {guideSteps.length}. All of it can be changed afterwards.
        </Words>
        <Words size="base" face="strong" role="heading">
          {title}
        </Words>
      </View>
      <Content control={control} />
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
      <View className="flex-row flex-wrap gap-2">
        {at > 0 && <Button label="Back" onPress={() => goTo(at - 1)} />}
        <Button
          label={last ? 'Use this week' : 'Next'}
          kind="primary"
          onPress={() => (last ? finish() : goTo(at + 1))}
        />
      </View>
      <Words size="xs" tone="soft">
        It takes the place of the zones that this frame has. One step of undo brings them back.
      </Words>
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
