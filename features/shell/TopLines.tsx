import { useEffect } from 'react';
import { watchReminders } from '@/actions/reminders';
import { AskLine } from './AskLine';
import { BothSidesLine, OutsideLine } from './OutsideLine';
import { RequestsLine } from './RequestsLine';
import { RingLine } from './RingLine';
import { TravelLine } from './TravelLine';
import { TrialLine } from './TrialLine';
import { VisitLine } from './VisitLine';

/** What is told and asked above every place: loaded once the first picture stands, from which on reminders ring. */
export function TopLines() {
  useEffect(watchReminders, []);
  return (
    <>
      <TravelLine />
      <VisitLine />
      <RingLine />
      <AskLine />
      <BothSidesLine />
      <RequestsLine />
      <OutsideLine />
      <TrialLine />
    </>
  );
}
