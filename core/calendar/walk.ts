import ICAL from 'ical.js';

/** A walk along a rule stops after so many steps, whether they led to a start or not; one that has to count may take more. */
const MOST_STEPS = 20_000;
const MOST_COUNTED = 50_000;
/** Nothing that is planned lies further ahead than so many days. */
const FAR_AHEAD = 400_000;

/** A walk that has taken all the steps that it may. */
class Exhausted extends Error {}

/**
 * The iterator of ical.js, which looks for the next start for as long as it takes; this one gives up once it is past
 * the end of the rule, or has taken too many steps.
 */
class Walk extends ICAL.RecurIterator {
  private steps: number | undefined;

  private step(count = 1) {
    this.steps = (this.steps ?? 0) + count;
    if (this.steps > (this.rule.count ? MOST_COUNTED : MOST_STEPS)) throw new Exhausted();
  }

  private isPastEnd() {
    return this.rule.until !== null && this.last.compare(this.rule.until) > 0;
  }

  override check_contracting_rules(): boolean {
    this.step();
    return this.isPastEnd() || super.check_contracting_rules();
  }

  override increment_year(years: number): void {
    this.step(10); // the days of the year are laid out anew
    super.increment_year(years);
  }

  override increment_monthday(days: number): void {
    if (days > FAR_AHEAD) throw new Exhausted();
    this.step(Math.floor(days / 10));
    super.increment_monthday(days);
  }
}

/**
 * The first starts of a rule from `from` until before `to`, at most so many, walked from a first start; the rule's end
 * may be brought forward by it. What cannot be reached in reasonable time is left out.
 */
export function walked(rule: ICAL.Recur, first: ICAL.Time, from: ICAL.Time, to: ICAL.Time, most: number) {
  const starts: ICAL.Time[] = [];
  if (!rule.until || rule.until.compare(to) > 0) rule.until = to;
  try {
    const walk = new Walk({ rule, dtstart: first });
    while (starts.length < most) {
      const next = walk.next();
      if (!next || next.compare(to) >= 0) break;
      // ical.js takes the 30th of February for the 2nd of March
      const inMonth = rule.parts.BYMONTH?.includes(next.month) ?? true;
      if (inMonth && next.compare(from) >= 0) starts.push(next.clone());
    }
  } catch (error) {
    if (!(error instanceof Exhausted)) throw error;
  }
  return starts;
}
