import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { intoParts, stepsOf } from '@/actions/inbox';
import { editTask } from '@/core/commands/tasks';
import { bounds } from '@/core/model/bounds';
import type { Step, Task } from '@/core/model/task';
import { sittings, stepMinutes } from '@/core/tasks/parts';
import { durationWords } from '@/core/time/words';
import { here } from '@/state/here';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { readEstimate, readLength, readTitle } from '@/ui/readings';
import { Tick } from '@/ui/Tick';
import { Words } from '@/ui/Words';

/** The steps of a task, each with its own tick and estimate; what they add up to is offered as the estimate of the task. */
export function Steps({ task }: { task: Task }) {
  const steps = task.steps ?? [];
  // from what stands, as what is drawn may be a step behind two quick presses
  const save = (changed: (stand: readonly Step[]) => readonly Step[]) =>
    store.run(editTask, {
      id: task.id,
      steps: [...changed(currentWorkspace().tasks.get(task.id)?.steps ?? [])],
    });
  const change = (id: string, words: Partial<Step>) =>
    save((stand) => stand.map((step) => (step.id === id ? { ...step, ...words } : step)));
  const sum = stepMinutes(steps);
  return (
    <View role="group" aria-label="Steps" className="gap-1.5">
      <Words size="xs" tone="soft">
        {steps.length === 0
          ? 'Steps'
          : `Steps · ${steps.filter(({ doneAt }) => doneAt !== null).length} of ${steps.length} done`}
      </Words>
      {steps.map((step) => (
        <View key={step.id} className="flex-row items-start gap-1">
          <Pressable
            role="checkbox"
            aria-checked={step.doneAt !== null}
            aria-label={`Step done: ${step.title}`}
            onPress={() => change(step.id, { doneAt: step.doneAt === null ? here().now : null })}
            className="h-[44px] w-[44px] items-center justify-center lg:w-9"
          >
            <Tick ticked={step.doneAt !== null} look="done" size={20} />
          </Pressable>
          <View className="flex-1">
            <Field
              label={`Step: ${step.title}`}
              hideLabel
              text={step.title}
              read={readTitle}
              onSave={(title) => change(step.id, { title })}
            />
          </View>
          <View className="w-[76px]">
            <Field
              label={`Estimate of the step ${step.title}`}
              hideLabel
              text={step.estimate === null ? '' : durationWords(step.estimate)}
              read={readEstimate}
              placeholder="15m"
              onSave={(estimate) => change(step.id, { estimate })}
            />
          </View>
          <IconButton
            label={`Remove the step ${step.title}`}
            icon="close"
            colour="ink-soft"
            onPress={() => save((stand) => stand.filter(({ id }) => id !== step.id))}
          />
        </View>
      ))}
      {steps.length < bounds.steps && (
        <Field
          label="Add a step"
          hideLabel
          text=""
          read={readTitle}
          adding
          placeholder="Add a step and press Enter"
          onSave={(title) => save((stand) => [...stand, ...stepsOf([title])])}
        />
      )}
      {sum > 0 && sum !== task.estimate && (
        <View className="flex-row flex-wrap items-center gap-2">
          <Words tone="soft">The steps add up to {durationWords(sum)}.</Words>
          <Button
            label="Take it as the estimate"
            kind="quiet"
            onPress={() => store.run(editTask, { id: task.id, estimate: sum })}
          />
        </View>
      )}
      <BreakDown task={task} />
    </View>
  );
}

/** Breaks a task into sittings of a length, or makes tasks of its open steps; they stay together under it. */
function BreakDown({ task }: { task: Task }) {
  const [opened, setOpened] = useState(false);
  const [each, setEach] = useState(25);
  const steps = task.steps ?? [];
  const open = steps.filter(({ doneAt }) => doneAt === null);
  const lengths = task.estimate === null ? [] : sittings(task.estimate, each);
  const sit = () =>
    intoParts(
      task,
      lengths.map((estimate, i) => ({ title: `${task.title}, ${i + 1} of ${lengths.length}`, estimate })),
      steps,
    );
  const fromSteps = () =>
    intoParts(
      task,
      open,
      steps.filter(({ doneAt }) => doneAt !== null),
    );
  if (!opened)
    return (
      <View className="flex-row">
        <Button label="Break down…" kind="quiet" onPress={() => setOpened(true)} />
      </View>
    );
  return (
    <View className="gap-2 border-l-4 border-line pl-3">
      {task.estimate === null ? (
        <Words tone="soft">With an estimate it can be broken into sittings.</Words>
      ) : (
        <View className="flex-row flex-wrap items-end gap-2">
          <View className="w-[110px]">
            <Field
              label="Sittings of"
              text={durationWords(each)}
              read={(typed) => readLength(typed)}
              onSave={setEach}
            />
          </View>
          {lengths.length < 2 ? (
            <Words tone="soft">One sitting is enough for it.</Words>
          ) : (
            <Button
              label={`Break into ${lengths.length}`}
              says={`Break into ${lengths.length} sittings`}
              disabled={lengths.length > MOST_PARTS}
              onPress={sit}
            />
          )}
        </View>
      )}
      {open.length > 0 && (
        <View className="flex-row">
          <Button
            label={open.length === 1 ? 'Make the step a task' : `Make ${open.length} steps tasks`}
            onPress={fromSteps}
          />
        </View>
      )}
    </View>
  );
}

/** More sittings than this are no plan. */
const MOST_PARTS = 40;
