import type { Id } from '../model/common';
import type { LateAnswer, Seal } from '../model/seal';
import { hasEnded } from '../time/week';
import type { IsoDate } from '../time/zone';
import { command, CommandFailed, existing, put } from './command';

type Sealing = { readonly seal: Seal; readonly today: IsoDate };

/** Seals a week with its plan as it stands; an earlier seal of it that was taken off stays on record. Fails for a week that has ended, and for a sealed one. */
export const sealWeek = command('seal the week', (workspace, { seal, today }: Sealing) => {
  if (hasEnded(seal.id, today)) throw new CommandFailed('A week that has ended cannot be sealed any more.');
  const before = workspace.seals.get(seal.id);
  if (!before) return put(workspace, 'seals', seal);
  if (before.openedAt === null) throw new CommandFailed('This week is sealed already.');
  const earlier = [...before.earlier, { at: before.at, openedAt: before.openedAt }];
  return put(workspace, 'seals', { ...seal, earlier });
});

/** Takes the seal off a week; that it was sealed, and until when, stays on record (epoch ms). Fails for a week that has ended. */
export const openWeek = command(
  'take off the seal',
  (workspace, { week, at, today }: { week: IsoDate; at: number; today: IsoDate }) => {
    const seal = existing(workspace.seals, week, 'seal');
    if (hasEnded(week, today)) throw new CommandFailed('A week that has ended keeps its seal.');
    return put(workspace, 'seals', { ...seal, openedAt: at });
  },
);

/** Answers a meeting that came into a sealed week: it is accepted, or put off and takes no time; null takes an answer back. */
export const answerLate = command(
  'answer',
  (workspace, { week, meeting, answer }: { week: IsoDate; meeting: Id; answer: LateAnswer | null }) => {
    const seal = existing(workspace.seals, week, 'seal');
    const others = seal.answers.filter((each) => each.meeting !== meeting);
    return put(workspace, 'seals', {
      ...seal,
      answers: answer === null ? others : [...others, { meeting, answer }],
    });
  },
);
