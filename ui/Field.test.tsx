import { fireEvent, render, screen } from '@testing-library/react';
import { readDuration } from '@/core/capture/readDuration';
import { durationWords } from '@/core/time/words';
import { Field, type Reading } from './Field';

const read = (typed: string): Reading<number> => {
  const minutes = readDuration(typed);
  return minutes === undefined ? { problem: `“${typed}” is no length` } : { value: minutes };
};
const input = () => screen.getByLabelText<HTMLInputElement>('Estimate');
const typeAndLeave = (text: string) => {
  fireEvent.change(input(), { target: { value: text } });
  fireEvent.blur(input());
};

test('a field saves itself when it is left', () => {
  const saved: number[] = [];
  render(<Field label="Estimate" text="30 min" read={read} onSave={(minutes) => void saved.push(minutes)} />);
  typeAndLeave('1h30');
  expect(saved).toEqual([90]);
});

test('a field that goes away while it is typed in, or whose page is left, saves what can be read, once', () => {
  const saved: number[] = [];
  const field = <Field label="Estimate" text="30 min" read={read} onSave={(to) => void saved.push(to)} />;
  const first = render(field);
  fireEvent.change(input(), { target: { value: '45' } });
  first.unmount();
  expect(saved).toEqual([45]);
  const second = render(field);
  fireEvent.change(input(), { target: { value: '1h' } });
  fireEvent(window, new Event('pagehide'));
  second.unmount();
  expect(saved).toEqual([45, 60]);
  const third = render(field);
  fireEvent.change(input(), { target: { value: 'soon' } });
  third.unmount();
  expect(saved).toEqual([45, 60]);
});

test('a field that saving takes away saves once', () => {
  const saved: number[] = [];
  const save = (to: number) => {
    saved.push(to);
    unmount();
  };
  const { unmount } = render(<Field label="Estimate" text="30 min" read={read} onSave={save} />);
  typeAndLeave('45');
  expect(saved).toEqual([45]);
});

test('what cannot be read stays in the field with the reason, and nothing is saved', () => {
  const saved: number[] = [];
  render(<Field label="Estimate" text="30 min" read={read} onSave={(minutes) => void saved.push(minutes)} />);
  typeAndLeave('soon');
  expect(screen.getByRole('alert').textContent).toBe('“soon” is no length');
  expect(input().value).toBe('soon');
  expect(saved).toEqual([]);
  typeAndLeave('30 min');
  expect(screen.queryByRole('alert')).toBeNull();
});

test('a field shows what was stored elsewhere, and saves nothing when nothing was typed', () => {
  const saved: number[] = [];
  const field = (minutes: number) => (
    <Field label="Estimate" text={durationWords(minutes)} read={read} onSave={(to) => void saved.push(to)} />
  );
  const { rerender } = render(field(30));
  rerender(field(45));
  expect(input().value).toBe('45 min');
  fireEvent.blur(input());
  expect(saved).toEqual([]);
});

test('a refused value stays to be mended', () => {
  render(<Field label="Estimate" text="" read={read} adding onSave={() => false} />);
  fireEvent.change(input(), { target: { value: '20' } });
  fireEvent.keyDown(input(), { key: 'Enter' });
  expect(input().value).toBe('20');
});
