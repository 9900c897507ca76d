import { View } from 'react-native';
import { closeSteps, openingSteps, type CloseStep, type OpeningStep, type Routines } from '@/core/model/day';
import { weeklySteps, type WeeklyStep } from '@/core/model/weekPage';
import { Button, IconButton } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { openPanel } from '@/ui/panels';
import { Part } from '@/ui/Screen';
import { Subheading, Words } from '@/ui/Words';
import { Checklist, CountedList } from './OwnLists';
import { OwnRoutineList } from './OwnRoutineList';

type Props = { routines: Routines; onChange: (routines: Routines) => boolean };

const openingNames: Readonly<Record<OpeningStep, string>> = {
  checklist: 'Checklist of your own',
  note: 'Clear the head: write freely',
  numbers: 'Numbers to enter',
  left: 'Left from before',
  overdue: 'Overdue',
  due: 'Due on the day',
  coming: 'Coming soon',
  week: 'Goals and intentions of the week',
  inbox: 'The inbox',
  choose: 'Choose, and the keystone',
};

const closeNames: Readonly<Record<CloseStep, string>> = {
  left: 'Left over, one by one',
  record: 'The record',
  numbers: 'Numbers to enter',
  note: 'Day note',
  scratch: 'Scratch notes',
  checklist: 'Checklist of your own',
};

const weeklyNames: Readonly<Record<WeeklyStep, string>> = {
  back: 'How the week went',
  left: 'Left over, one by one',
  parked: 'Parked until now',
  inbox: 'The inbox',
  ahead: 'The coming two weeks',
  write: 'Write about it',
  goals: 'Goals',
  seal: 'Plan and seal the next week',
};

/** How the day is opened and closed, and the week looked back on: which steps, in which order; the checklist; what is counted. */
export function RoutinesPart({ routines, onChange }: Props) {
  return (
    <Part title="Opening, close and weekly review">
      <Words tone="soft">
        They are walks of a few steps: the first two on Today or by the keys Y and C, the third in Review.
        Which steps they have, and in which order, is up to you.
      </Words>
      <StepList
        label="Opening"
        all={openingSteps}
        names={openingNames}
        chosen={routines.opening}
        onChange={(opening) => onChange({ ...routines, opening })}
      />
      <StepList
        label="Close"
        all={closeSteps}
        names={closeNames}
        chosen={routines.close}
        onChange={(close) => onChange({ ...routines, close })}
      />
      <StepList
        label="Weekly review"
        all={weeklySteps}
        names={weeklyNames}
        chosen={routines.weekly}
        onChange={(weekly) => onChange({ ...routines, weekly })}
      />
      <View className="-ml-3 flex-row">
        <Button
          label="Template of the weekly page…"
          kind="quiet"
          onPress={() => openPanel({ kind: 'weekTemplate' })}
        />
      </View>
      <Checklist
        items={routines.checklist}
        onChange={(checklist) => onChange({ ...routines, checklist: [...checklist] })}
      />
      <OwnRoutineList routines={routines.own} onChange={(own) => onChange({ ...routines, own: [...own] })} />
      <CountedList
        counted={routines.counted}
        onChange={(counted) => onChange({ ...routines, counted: [...counted] })}
      />
    </Part>
  );
}

type StepListProps<Step extends string> = {
  label: string;
  all: readonly Step[];
  names: Readonly<Record<Step, string>>;
  chosen: readonly Step[];
  onChange: (chosen: Step[]) => boolean;
};

/** The steps of a walk, in their order; those that it does not have stand below. */
function StepList<Step extends string>({ label, all, names, chosen, onChange }: StepListProps<Step>) {
  const others = all.filter((step) => !chosen.includes(step));
  const earlier = (i: number) => {
    const moved = [...chosen];
    const [step] = moved.splice(i, 1);
    if (step !== undefined) moved.splice(i - 1, 0, step);
    return onChange(moved);
  };
  return (
    <View role="group" aria-label={`Steps: ${label}`}>
      <Subheading>{label}</Subheading>
      {chosen.map((step, i) => (
        <View key={step} className="flex-row items-center justify-between gap-2">
          <CheckBox
            label={`${i + 1}. ${names[step]}`}
            says={`${label}: ${names[step]}`}
            checked
            onToggle={() => onChange(chosen.filter((other) => other !== step))}
          />
          {i > 0 && (
            <IconButton
              label={`Earlier: ${names[step]}, ${label}`}
              icon="up"
              colour="ink-soft"
              onPress={() => earlier(i)}
            />
          )}
        </View>
      ))}
      {others.map((step) => (
        <CheckBox
          key={step}
          label={names[step]}
          says={`${label}: ${names[step]}`}
          checked={false}
          onToggle={() => onChange([...chosen, step])}
        />
      ))}
    </View>
  );
}
