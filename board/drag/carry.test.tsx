import { act, fireEvent, render } from '@testing-library/react';
import type { Occurrence } from '@/core/calendar/occurrences';
import { dayOf, instantOf, wallOf } from '@/core/time/zone';
import { useDropArea, type Area } from './areas';
import { press } from './carry';
import { movingBlock, movingEvent, resizing, useDrag, type Dragged } from './dragStore';

jest.mock('./drop', () => ({ drop: () => undefined }));
const zone = 'Europe/London';
jest.mock('@/state/here', () => ({ here: () => ({ zone: 'Europe/London', now: 0 }) }));

const DAY_HEIGHT = 24 * 60; // one pixel a minute

/** A place of 100 pixels' width, `at` from the left. */
function Place({
  area,
  at,
  top = 0,
  height = DAY_HEIGHT,
}: {
  area: Area;
  at: number;
  top?: number;
  height?: number;
}) {
  const { attach } = useDropArea(area);
  return (
    <div
      ref={(element) => {
        const box = { left: at, right: at + 100, top, bottom: top + height };
        if (element) element.getBoundingClientRect = () => box as DOMRect; // as much of one as is asked for
        attach(element as never); // on the web a View's element is a div
      }}
    />
  );
}

const strip = (date: string): Area => {
  const day = dayOf(date, zone);
  return { kind: 'strip', day, instantAt: (y) => day.from + y * 60_000 };
};

/** Tuesday and Wednesday as strips side by side, two trays below them, and Thursday as the cell of a month. */
function Board() {
  return (
    <>
      <Place area={strip('2026-11-24')} at={0} />
      <Place area={strip('2026-11-25')} at={100} />
      <Place area={{ kind: 'tray', date: '2026-11-24' }} at={0} top={2000} height={50} />
      <Place area={{ kind: 'tray', date: '2026-11-25' }} at={100} top={2000} height={50} />
      <Place area={{ kind: 'tray', date: '2026-11-26', keepsHours: true }} at={200} />
    </>
  );
}

/** Picks something up at one point and carries it to another; says where it would go. */
function carried(dragged: Dragged, from: [number, number], to: [number, number]) {
  const { container } = render(<Board />);
  const [begin, end] = [from, to].map(([clientX, clientY]) => ({ clientX, clientY }));
  container.onmousedown = (event) => press(event, dragged);
  fireEvent.mouseDown(container, begin);
  act(() => {
    fireEvent.mouseMove(document, { clientX: from[0] + 10, clientY: from[1] });
    fireEvent.mouseMove(document, end);
  });
  const { target } = useDrag.getState();
  fireEvent.mouseUp(document);
  return target && 'start' in target ? { ...target, start: wallOf(target.start, zone) } : target;
}

const noon = instantOf('2026-11-24T12:00', zone);
const block = movingBlock({ id: 'b', taskId: 't', start: noon, minutes: 90 });
const meeting = { id: 'm', from: noon, to: noon + 3_600_000, allDay: false } as Occurrence; // as far as a drag looks at it
const days = {
  ...meeting,
  from: dayOf('2026-11-23', zone).from,
  to: dayOf('2026-11-26', zone).to,
  allDay: true,
};

test('a block keeps the grip it was taken by, on another day too, however far one move goes', () => {
  expect(carried(block, [50, 750], [150, 815])).toEqual({
    kind: 'hours',
    start: '2026-11-25T13:00:00',
    minutes: 90,
  });
});

test('its lower edge changes its length, and only on its own day', () => {
  const edge = resizing(block);
  expect(carried(edge, [50, 810], [50, 842])).toMatchObject({ start: '2026-11-24T12:00:00', minutes: 120 });
  expect(carried(edge, [50, 810], [150, 900])).toBeNull();
});

test('over a tray a block lies without an hour and a meeting keeps its own; in a month both keep theirs', () => {
  expect(carried(block, [50, 750], [150, 2010])).toEqual({ kind: 'tray', date: '2026-11-25' });
  expect(carried(movingEvent(meeting), [50, 750], [150, 2010])).toMatchObject({
    start: '2026-11-25T12:00:00',
  });
  expect(carried(block, [50, 750], [250, 30])).toMatchObject({ start: '2026-11-26T12:00:00' });
});

test('an event of whole days goes by as many days as the hand does, wherever it is taken', () => {
  expect(carried(movingEvent(days), [50, 2010], [150, 2010])).toEqual({ kind: 'days', date: '2026-11-24' });
  expect(carried(movingEvent(days), [150, 2010], [50, 700])).toEqual({ kind: 'days', date: '2026-11-22' });
});

test('a task is put onto an hour, or stays in the list when it is let go nowhere', () => {
  const task: Dragged = { kind: 'task', key: 'task t', tasks: ['t'], minutes: 30 };
  expect(carried(task, [900, 900], [50, 607])).toMatchObject({ start: '2026-11-24T10:00:00', minutes: 30 });
  expect(carried(task, [900, 900], [950, 950])).toBeNull();
  expect(carried(block, [50, 750], [950, 950])).toEqual({ kind: 'off' });
});
