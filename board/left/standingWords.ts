import type { Standing } from '@/core/plan/targets';
import { durationWords } from '@/core/time/words';

/** How a target stands, in a sentence. */
export function standingWords(standing: Standing, isOver: boolean): string {
  const { target, scheduled, done, short, beyond, possible, over } = standing;
  const facts = `${durationWords(scheduled)} scheduled, ${durationWords(done)} done`;
  if (isOver || (short === 0 && over === 0)) return facts;
  if (over > 0) return `${facts}: ${durationWords(over)} more than ${durationWords(target.most ?? 0)}`;
  if (beyond > 0)
    return `${facts}; only ${durationWords(possible)} of suitable time left this week, ${durationWords(beyond)} too little`;
  return `${facts}; ${durationWords(possible)} of suitable time left this week`;
}
