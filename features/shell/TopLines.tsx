import { useEffect } from 'react';
import { watchReminders } from '@/actions/reminders';
import { AskLine } from './AskLine';
import { RingLine } from './RingLine';
import { TrialLine } from './TrialLine';

/** What is told and asked above every place: loaded once the first picture stands, from which on reminders ring. */
export function TopLines() {
  useEffect(watchReminders, []);
  return (
    <>
      <RingLine />
      <AskLine />
      <TrialLine />
    </>
  );
}
