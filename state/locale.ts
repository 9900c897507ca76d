import type { Settings } from '@/core/model/settings';
import type { Style } from '@/core/time/words';

/** ECMA-402, Intl.Locale info; Monday where the browser does not tell. */
function weekStartHere(): number {
  type Told = { firstDay?: number };
  // known to most browsers, not to the type of a locale yet
  const locale = new Intl.Locale(Intl.DateTimeFormat().resolvedOptions().locale) as Intl.Locale & {
    weekInfo?: Told;
    getWeekInfo?: () => Told;
  };
  return (locale.getWeekInfo?.() ?? locale.weekInfo)?.firstDay ?? 1;
}

function styleHere(): Style {
  const parts = new Intl.DateTimeFormat().formatToParts();
  return {
    clock: Intl.DateTimeFormat(undefined, { hour: 'numeric' }).resolvedOptions().hour12 ? 12 : 24,
    dates: parts[0]?.type === 'month' ? 'monthFirst' : 'dayFirst',
  };
}

/**
 * Clocks, dates and the day that a week begins on, as the person's locale has them. It costs a tenth of a second on a slow
 * phone to ask Intl for the first time, so only what begins anew does.
 */
export const localeSettings = (): Pick<Settings, 'clock' | 'dates' | 'weekStart'> => ({
  ...styleHere(),
  weekStart: weekStartHere(),
});
