import { durationWords, spanWords, type Style } from '../time/words';
import type { Span } from '../time/span';
import type { Zone } from '../time/zone';

type Given = {
  readonly minutes: number;
  /** The zone of whoever gets them, and what it is called. */
  readonly theirs: Zone;
  readonly city: string;
  /** It is not the zone of whoever gives them. */
  readonly elsewhere: boolean;
  readonly style: Style;
};

const opening = ({ minutes, elsewhere, city }: Given) =>
  `I have time for ${durationWords(minutes)} then, ${elsewhere ? `in your time (${city})` : `${city} time`}:`;

const timeOf = (span: Span, { theirs, style }: Given) => spanWords(span, theirs, style);

/** Free times as a text to send, in the time of whoever gets them. */
export const freeTimesText = (spans: readonly Span[], given: Given): string =>
  [
    opening(given),
    ...spans.map((span) => `- ${timeOf(span, given)}${given.elsewhere ? ` your time (${given.city})` : ''}`),
  ].join('\n');

/** The same as Markdown. */
export const freeTimesMarkdown = (spans: readonly Span[], given: Given): string =>
  [`**${opening(given)}**`, '', ...spans.map((span) => `- ${timeOf(span, given)}`)].join('\n');
