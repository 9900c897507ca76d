import { AskLine } from './AskLine';
import { RingLine } from './RingLine';

/** What is told and asked above every place: loaded once the first picture stands. */
export const TopLines = () => (
  <>
    <RingLine />
    <AskLine />
  </>
);
