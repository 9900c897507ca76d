import { asShown } from '../calendar/layers';
import { occurrencesIn } from '../calendar/occurrences';
import type { Subject } from '../model/plan';
import { sealOn, type Seal, type SealedBlock } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { partsOf } from '../plan/sealing';
import { takesDays } from '../plan/spanning';
import { blocksIn, taskOf } from '../tasks/places';
import { firstTouched, touchedBy, type DayIn } from '../time/days';
import { MINUTE, type Span } from '../time/span';
import type { Zone } from '../time/zone';

/** A stretch of the plan: what for, and by which categories a meeting goes. */
export type Planned = {
  readonly subject: Subject;
  readonly span: Span;
  readonly categories?: readonly string[];
};

/** What the actual time is compared with: the plan as it was last, or as its week was sealed where it was. */
export type Yardstick = 'last' | 'sealed';

/** What was planned for some days that follow each other, each with its part of the plan; by start within a day. */
export function plannedOn(
  workspace: Workspace,
  days: readonly DayIn[],
  zone: Zone,
  yardstick: Yardstick,
): Planned[][] {
  const seals = days.map(({ date }) => sealOn(workspace, date));
  const range = { from: days[0]?.span.from ?? 0, to: days.at(-1)?.span.to ?? 0 };
  const found: Planned[][] = days.map(() => []);
  const put = (planned: Planned, holds: (seal: Seal | undefined) => boolean) => {
    for (const i of touchedBy(days, planned.span)) if (holds(seals[i])) found[i]?.push(planned);
  };
  const asItIs = (seal: Seal | undefined) => yardstick === 'last' || !seal;

  for (const block of blocksIn(workspace, range, zone)) {
    if (!taskOf(workspace, block.taskId)) continue;
    for (const part of inTurn(block.start, partsOf(block, workspace))) put(part, asItIs);
  }
  for (const occurrence of occurrencesIn(workspace.events, range, zone)) {
    const [shown] = asShown(workspace, occurrence, seals[firstTouched(days, occurrence.from)]);
    if (shown?.busy && !takesDays(shown)) put(ofMeeting(shown), asItIs);
  }
  if (yardstick === 'sealed')
    for (const seal of new Set(seals))
      for (const planned of seal ? sealedIn(seal) : []) put(planned, (own) => own === seal);
  return found.map((own) => own.sort((a, b) => a.span.from - b.span.from));
}

type Named = Span & { readonly id: string; readonly title: string; readonly categories: readonly string[] };

const ofMeeting = ({ id, title, categories, from, to }: Named): Planned => ({
  subject: { kind: 'event', occurrence: id, title },
  span: { from, to },
  categories,
});

/** What was planned when a week was sealed. */
const sealedIn = ({ blocks, meetings }: Seal): Planned[] => [
  ...blocks.flatMap(({ start, parts }) => inTurn(start, parts)),
  ...meetings.filter(({ wholeDays }) => !wholeDays).map(ofMeeting),
];

/** The parts of a block one after the other. */
function inTurn(start: number, parts: SealedBlock['parts']): Planned[] {
  let from = start;
  return parts.map(({ taskId, minutes }) => {
    const span = { from, to: from + minutes * MINUTE };
    from = span.to;
    return { subject: { kind: 'task', taskId }, span };
  });
}
