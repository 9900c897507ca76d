import * as fc from 'fast-check';
import { runs } from '../fixtures/runs';
import { emptyWorkspace } from '../model/workspace';
import { leaveOut, setClockBack, startTimer, stopTimer } from '../commands/track';
import { jumpBetween, jumpSince } from './seen';

const MINUTE = 60_000;
const start = Date.UTC(2026, 10, 24, 9);
const look = { clock: start, steady: 500 };
const after = (clock: number, steady: number) =>
  jumpBetween(look, { clock: look.clock + clock, steady: look.steady + steady });

test('a clock that goes on as time does has not jumped, even when the looks are a minute apart', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 4 * MINUTE }),
      fc.integer({ min: -1999, max: MINUTE }),
      (passed, off) => {
        expect(after(passed + off, passed)).toBeUndefined();
      },
    ),
  );
});

test('set back it is noticed by how much, set forth or asleep by how much went by unseen', () => {
  expect(after(1000 - 120 * MINUTE, 1000)).toEqual({ kind: 'back', by: 120 * MINUTE, seen: start + 1000 });
  expect(after(26 * 60 * MINUTE + 1000, 1000)).toEqual({
    kind: 'unseen',
    by: 26 * 60 * MINUTE,
    seen: start + 1000,
  });
  expect(after(480 * MINUTE, 480 * MINUTE)).toEqual({ kind: 'unseen', by: 480 * MINUTE, seen: start });
  expect(jumpSince(start, start - MINUTE)).toEqual({ kind: 'back', by: MINUTE, seen: start });
  expect(jumpSince(start, start + 20 * MINUTE)).toBeUndefined();
  expect(jumpSince(start, start + 600 * MINUTE)).toEqual({ kind: 'unseen', by: 600 * MINUTE, seen: start });
});

const running = startTimer.apply(emptyWorkspace, {
  id: 'e',
  subject: { kind: 'other', title: 'Weir' },
  at: start,
});

test('a clock that is set back takes the timer’s start along, so that what has run stays', () => {
  const back = setClockBack.apply(running, { id: 'e', by: 120 * MINUTE });
  const stopped = stopTimer.apply(back, { at: start + 25 * MINUTE - 120 * MINUTE });
  const { from, to } = stopped.entries.get('e') ?? { from: 0, to: 0 };
  expect((to ?? 0) - from).toBe(25 * MINUTE);
});

test(
  'however often a clock is set back, between looks or while no page is open, a timer keeps all that it ran',
  () => {
    const anyStep = fc.record({
      ran: fc.nat(4 * MINUTE),
      back: fc.oneof(fc.constant(0), fc.nat(300 * MINUTE)),
      reloads: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(anyStep, { minLength: 1, maxLength: 20 }), (steps) => {
        let [workspace, now, steady, ran] = [running, { clock: start, steady: 0 }, 0, 0];
        for (const step of steps) {
          const then = { clock: now.clock + step.ran - step.back, steady: (steady += step.ran) };
          const jump = step.reloads ? jumpSince(now.clock, then.clock) : jumpBetween(now, then);
          now = then;
          // a page that is loaded anew cannot tell what ran meanwhile from what was set back: it keeps what was seen
          if (!step.reloads) ran += step.ran;
          if (jump?.kind === 'back') workspace = setClockBack.apply(workspace, { id: 'e', by: jump.by });
        }
        const { from, to } = stopTimer.apply(workspace, { at: now.clock }).entries.get('e') ?? {
          from: 0,
          to: 0,
        };
        expect((to ?? 0) - from).toBeGreaterThanOrEqual(Math.max(0, ran - 2000 * steps.length));
      }),
      { numRuns: runs(100) },
    );
  },
  runs(10_000),
);

test('of a timer that began later than the clock says now a minute is kept, not nothing', () => {
  const { entries } = stopTimer.apply(running, { at: start - 120 * MINUTE });
  expect(entries.get('e')).toMatchObject({ from: start - 121 * MINUTE, to: start - 120 * MINUTE });
});

test('what nobody saw is left out: the entry ends when it was last seen, and goes on as another', () => {
  const input = { id: 'e', to: start + 25 * MINUTE, goesOn: { id: 'f', at: start + 600 * MINUTE } };
  const { entries } = leaveOut.apply(running, input);
  expect(entries.get('e')).toMatchObject({ from: start, to: start + 25 * MINUTE });
  expect(entries.get('f')).toMatchObject({
    from: start + 600 * MINUTE,
    to: null,
    subject: { title: 'Weir' },
  });
  expect(leaveOut.apply(running, { ...input, goesOn: null }).entries.size).toBe(1);
});

test('a meeting that the timer ran through counts for itself, and the timer goes on from its end', () => {
  const subject = { kind: 'event', occurrence: 'forum', title: 'Forum' } as const;
  const [begins, ends] = [start + 25 * MINUTE, start + 55 * MINUTE];
  const input = { id: 'e', to: begins, goesOn: { id: 'f', at: ends }, meanwhile: { id: 'm', subject } };
  const { entries } = leaveOut.apply(running, input);
  expect(entries.get('e')).toMatchObject({ from: start, to: begins });
  expect(entries.get('m')).toMatchObject({ subject, from: begins, to: ends, mended: true });
  expect(entries.get('f')).toMatchObject({ subject: { title: 'Weir' }, from: ends, to: null });
});
