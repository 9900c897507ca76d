import { render, screen } from '@testing-library/react';
import type { Load } from '@/core/plan/dayPlan';
import { LoadMeasure } from './LoadMeasure';

const load = (changes: Partial<Load>): Load => ({
  capacity: 480,
  meetings: 120,
  buffers: 0,
  room: 360,
  planned: 300,
  inTray: 0,
  free: 60,
  ...changes,
});

test('a load says the numbers: planned, room and what is left', () => {
  render(<LoadMeasure load={load({})} />);
  expect(screen.getByText('5 h of 6 h planned')).toBeTruthy();
  expect(screen.getByText('1 h free')).toBeTruthy();
});

test('too much says by how much', () => {
  render(<LoadMeasure load={load({ planned: 540, free: -180 })} />);
  expect(screen.getByText('9 h of 6 h planned')).toBeTruthy();
  expect(screen.getByText('3 h over')).toBeTruthy();
});

test('work on a day off says so', () => {
  render(<LoadMeasure load={load({ capacity: 0, meetings: 0, room: 0, planned: 60, free: -60 })} />);
  expect(screen.getByText('Day off, 1 h planned')).toBeTruthy();
});
