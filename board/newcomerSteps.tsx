import { View } from 'react-native';
import { putStepsAway, skipStep, takeStep } from '@/actions/firstSteps';
import { isOpen, newcomerSteps, type FirstStep, type StepState } from '@/core/plan/firstSteps';
import { visitDemo } from '@/state/session';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Icon } from '@/ui/icons';
import { Heading, Words } from '@/ui/Words';

const steps: Record<FirstStep, { readonly name: string; readonly why: string; readonly act: string }> = {
  frame: {
    name: 'Shape your week',
    why: 'Sleep, meals, the way to work and working hours: what is left is what can be planned.',
    act: 'Guided start…',
  },
  calendar: {
    name: 'Bring in a calendar',
    why: 'Tasks are planned around its meetings.',
    act: 'Choose a calendar file',
  },
  notes: { name: 'Note five things to do', why: 'One line each, in plain words.', act: 'Note one…' },
  lengths: {
    name: 'Say how long they take',
    why: 'An estimate finds each thing a place that fits.',
    act: 'Give lengths…',
  },
  place: {
    name: 'Put the first one onto an hour',
    why: 'In Plan, drag it between the meetings, or have fitting hours offered.',
    act: 'Place one…',
  },
};

/** For a newcomer: what this is, and the steps to a first planned day, which tick themselves off. */
export function AllSteps() {
  const all = newcomerSteps(useWorkspace()) ?? [];
  const next = all.find(isOpen);
  return (
    <View role="region" aria-label="First steps" className="gap-3 border-l-4 border-pine py-1 pl-4">
      <View className="gap-1">
        <Heading level={2}>Your day in blocks of time</Heading>
        <Words tone="soft">
          Put tasks between your meetings, work through the day, and see planned and actual time side by side.
        </Words>
      </View>
      <View role="list" aria-label="Steps">
        {all.map((state) => (
          <Step key={state.step} state={state} isNext={state === next} />
        ))}
      </View>
      <View className="-ml-3.5 flex-row flex-wrap">
        <Button
          label="Look around in a filled office"
          kind="quiet"
          onPress={() => void store.flush().then(visitDemo)}
        />
        <Button label="Put the steps away" kind="quiet" onPress={putStepsAway} />
      </View>
    </View>
  );
}

const countWords = ({ done, of }: StepState): string => (of > 1 ? ` · ${done} of ${of}` : '');

function Step({ state, isNext }: { state: StepState; isNext: boolean }) {
  const { step, isSkipped } = state;
  const { name, why, act } = steps[step];
  const open = isOpen(state);
  return (
    <View role="listitem" className="flex-row items-start gap-3 py-1">
      <View className="h-[44px] w-5 items-center justify-center" aria-hidden>
        {open ? (
          <View className={`h-3 w-3 border-2 ${isNext ? 'border-pine' : 'border-ink-soft'}`} />
        ) : (
          <Icon name={isSkipped ? 'less' : 'check'} size={16} colour={isSkipped ? 'ink-soft' : 'leaf'} />
        )}
      </View>
      <View className="flex-1 justify-center gap-1" style={{ minHeight: 44 }}>
        <Words face={isNext ? 'strong' : 'text'} tone={open ? 'ink' : 'soft'}>
          {`${name}${open ? countWords(state) : isSkipped ? ' · skipped' : ' · done'}`}
        </Words>
        {isNext && <Words tone="soft">{why}</Words>}
        {isNext && (
          <View className="flex-row flex-wrap gap-2 pt-1">
            <Button label={act} kind="primary" onPress={() => takeStep(step)} />
            <Button label="Skip" says={`Skip: ${name}`} kind="quiet" onPress={() => skipStep(step)} />
          </View>
        )}
      </View>
      {open && !isNext && <Button label={act} kind="quiet" onPress={() => takeStep(step)} />}
    </View>
  );
}

/** For a newcomer, in one line: the step that comes next. */
export function OneStep() {
  const next = newcomerSteps(useWorkspace())?.find(isOpen);
  if (!next) return null;
  const { name, act } = steps[next.step];
  return (
    <View
      role="region"
      aria-label="Next step"
      className="not-printed flex-row flex-wrap items-center justify-between gap-x-2 border-l-4 border-pine pl-3"
    >
      <Words face="strong">{`Next: ${name}${countWords(next)}`}</Words>
      <Button label={act} kind="quiet" onPress={() => takeStep(next.step)} />
    </View>
  );
}
