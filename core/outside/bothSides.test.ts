import * as fc from 'fast-check';
import { put, without } from '../commands/command';
import {
  answered,
  edited,
  event,
  KEPT,
  Lost,
  NOW,
  otherSide,
  PLACE,
  renamed,
  SENDING,
  start,
  theirEvent,
  theirTask,
  thisSide,
  ZONE,
  type Mishap,
} from '../fixtures/bothSides';
import { counterpartsIn, markOfEvent, markOfShared, markOfTask, outgoing, tasksOfAccount } from './items';
import { readThings } from './readThings';
import { recordOf } from './settling';
import { synchronise } from './synchronise';

type Edit = {
  readonly where: 'here' | 'there';
  readonly how: 'add' | 'rename' | 'delete' | 'tick';
  readonly which: number;
};
const edits = fc.array(
  fc.record({
    where: fc.constantFrom('here', 'there'),
    how: fc.constantFrom('add', 'rename', 'rename', 'rename', 'delete', 'tick'),
    which: fc.nat(7),
  }) as fc.Arbitrary<Edit>,
  { maxLength: 4 },
);
const mishaps = fc.array(fc.constantFrom<Mishap>('none', 'none', 'none', 'lost', 'unanswered', 'twice'), {
  maxLength: 30,
});

test('whatever is changed on both sides, lost, doubled or late: in the end both say the same, and nothing is lost', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(edits, { maxLength: 6 }),
      mishaps,
      fc.array(fc.boolean(), { minLength: 1 }),
      async (turns, faults, answers) => {
        const left = [...faults];
        const there = otherSide(() => left.shift() ?? 'none');
        const waiting: Edit[] = [];
        const { side, local } = thisSide(start, () => {
          const edit = waiting.shift();
          if (edit) apply(edit);
        });
        /** The last title that each side gave, all that were given, and what has been deleted on either. */
        const last = { here: new Map<string, string>(), there: new Map<string, string>() };
        const given = new Map<string, string[]>();
        const [deleted, addedThere] = [new Set<string>(), new Set<string>()];
        let count = 0;
        const apply = ({ where, how, which }: Edit) => {
          count += 1;
          const uid = how === 'add' ? `u${count}` : `u${which}`;
          const [id, name, title] = [`c/${uid}`, `${uid}.ics`, `${where} ${count}`];
          const [here, thing] = [
            side.workspace.events.get(id) ?? side.workspace.tasks.get(id),
            there.things.get(name),
          ];
          const isThere = where === 'here' ? here !== undefined : thing !== undefined;
          if (how !== 'add' && !isThere) return;
          if (how === 'add' || how === 'rename') {
            last[where].set(uid, title);
            given.set(uid, [...(given.get(uid) ?? []), title]);
          }
          if (how === 'delete') deleted.add(uid);
          if (how === 'add' && where === 'there') addedThere.add(uid);
          if (where === 'here') {
            const task = side.workspace.tasks.get(id);
            if (how === 'add') side.workspace = put(side.workspace, 'events', event(uid, title));
            if (how === 'rename') side.workspace = renamed(side.workspace, id, title);
            if (how === 'delete') side.workspace = without(side.workspace, 'events', [id]);
            if (how === 'tick' && task)
              side.workspace = put(side.workspace, 'tasks', { ...task, doneAt: NOW });
            return;
          }
          if (how === 'add') there.set(name, which % 2 ? theirTask(uid, title) : theirEvent(uid, title));
          if (how === 'rename') there.set(name, edited(thing?.text ?? '', 'summary', title));
          if (how === 'delete') there.drop(name);
          if (how === 'tick' && thing?.text.includes('VTODO'))
            there.set(name, edited(thing.text, 'status', 'COMPLETED'));
        };
        const go = async () => {
          try {
            await synchronise(there.remote, local, PLACE, true);
          } catch (error) {
            if (!(error instanceof Lost)) throw error;
          }
        };
        for (const [nth, turn] of turns.entries()) {
          // some of what is changed here is changed while the other side is being asked
          turn.forEach((edit) =>
            edit.where === 'here' && edit.which % 3 === 0 ? waiting.push(edit) : apply(edit),
          );
          await go();
          if (nth % 2 === 1)
            side.workspace = answered(side.workspace, () => answers[nth % answers.length] ?? true);
        }
        waiting.splice(0).forEach(apply);
        left.length = 0;
        for (let again = 0; again < 4; again += 1) {
          await go();
          side.workspace = answered(side.workspace, () => answers[again % answers.length] ?? true);
        }
        await go();

        expect(outgoing(side.workspace, 'c', SENDING)).toEqual([]);
        const read = readThings([...there.things.values()], ZONE);
        // a task that was ticked here and removed there stays here as done
        const isThere = ({ id }: { id: string }) =>
          counterpartsIn(side.workspace, 'c').some(({ of }) => of === id);
        const said = read.flatMap(({ event: one, task }) => [
          ...(one ? [[`c/${one.uid}`, markOfEvent(recordOf(side.workspace, 'c', one))]] : []),
          ...(task && side.workspace.tasks.get(`c/${task.uid}`)?.origin
            ? [[`c/${task.uid}`, markOfShared(task)]]
            : []),
        ]);
        const here = [
          ...side.workspace.events.values().map((one) => [one.id, markOfEvent(one)]),
          ...tasksOfAccount(side.workspace, 'c')
            .filter(isThere)
            .map((one) => [one.id, markOfTask(one)]),
        ];
        expect(said.sort()).toEqual(here.sort());
        for (const [uid, titles] of given) {
          const one = side.workspace.events.get(`c/${uid}`) ?? side.workspace.tasks.get(`c/${uid}`);
          if (!deleted.has(uid)) expect(one).toBeDefined();
          // what was renamed and deleted before it was heard of may stay under the title that it had
          const lasting = deleted.has(uid) ? titles : [last.here.get(uid), last.there.get(uid)];
          if (one) expect(lasting).toContain(one.title);
        }
        for (const uid of addedThere) {
          const text = there.things.get(`${uid}.ics`)?.text;
          if (text !== undefined) expect(text).toContain(KEPT);
        }
      },
    ),
    { numRuns: 300 },
  );
});
