import { fireEvent, render, screen } from '@testing-library/react';
import { durationWords, readDuration } from '@/core/time/words';
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
