import { workspaceOf, type Workspace } from '../model/workspace';
import { firstFrame } from '../model/firstFrame';
import { at, task } from '../fixtures/make';
import { isOpen, newcomerSteps } from './firstSteps';

const begun = workspaceOf({ frames: [firstFrame()] });
const open = (workspace: Workspace) =>
  newcomerSteps(workspace)
    ?.filter(isOpen)
    .map(({ step }) => step);
const five = ['Gauge', 'Permit', 'Letter', 'Map', 'Jars'].map((title) => task(title));

test('an empty start has five steps ahead, which tick themselves off', () => {
  expect(open(begun)).toEqual(['frame', 'calendar', 'notes', 'lengths', 'place']);
  const noted = { ...begun, tasks: begun.tasks.with(five.map((each) => ({ ...each, estimate: null }))) };
  expect(open(noted)).toEqual(['frame', 'calendar', 'lengths', 'place']);
  const measured = { ...begun, tasks: begun.tasks.with(five.map((each) => ({ ...each, estimate: 30 }))) };
  expect(open(measured)).toEqual(['frame', 'calendar', 'place']);
  const shaped = { ...measured, frames: measured.frames.with([{ ...firstFrame(), zones: [] }]) };
  const block = { id: 'b', taskId: five[0]?.id ?? '', start: at('14:00'), minutes: 30 };
  expect(open({ ...shaped, blocks: shaped.blocks.with([block]) })).toEqual(['calendar']);
});

test('what is skipped is no more ahead; who is through, or has put it away, sees nothing of it', () => {
  const having = (firstSteps: Workspace['settings']['firstSteps']) => ({
    ...begun,
    settings: { ...begun.settings, firstSteps },
  });
  expect(open(having({ away: false, skipped: ['frame', 'calendar'] }))).toEqual([
    'notes',
    'lengths',
    'place',
  ]);
  const all = ['frame', 'calendar', 'notes', 'lengths', 'place'];
  expect(newcomerSteps(having({ away: false, skipped: all }))).toBeNull();
  expect(newcomerSteps(having({ away: true, skipped: [] }))).toBeNull();
  const many = Array.from({ length: 30 }, (_, i) => task(`Task ${i}`));
  expect(newcomerSteps({ ...begun, tasks: begun.tasks.with(many) })).toBeNull();
});
