import { useRouter } from 'expo-router';
import { closeThem } from '@/actions/closing';
import { isClosed, isLived, missedCloses } from '@/core/plan/closing';
import { dayPlan } from '@/core/plan/dayPlan';
import { asLine, dateWords, dayWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';
import { SaidLine } from './SaidLine';

/** What of opening and closing the days asks for a word now. */
export function RoutineLines() {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const router = useRouter();
  const { settings } = workspace;
  const [missed, ...more] = missedCloses(workspace, today, zone);
  const end = dayPlan(workspace, today, zone).working.at(-1)?.to ?? Infinity;
  const page = workspace.days.get(today);
  const asksToClose = isLived(workspace, today, zone) && now >= end && page?.closedAt === undefined;
  const openedBefore = page?.openedAt !== undefined && dateOf(page.openedAt, zone) < today;
  return (
    <>
      {missed && (
        <SaidLine
          words={
            more.length === 0
              ? `${asLine(dayWords(missed, today, settings))} was not closed`
              : `${more.length + 1} days were not closed, the first ${dateWords(missed, settings)}`
          }
        >
          <Button label="Close it…" kind="quiet" onPress={() => router.navigate(`/close?day=${missed}`)} />
          <Button
            label="As it is"
            says="Close what was missed as it is"
            kind="quiet"
            onPress={() => closeThem([missed, ...more])}
          />
        </SaidLine>
      )}
      {asksToClose && (
        <SaidLine words="The working day is over">
          <Button label="Close the day…" kind="quiet" onPress={() => router.navigate('/close')} />
        </SaidLine>
      )}
      {isClosed(workspace, today, zone) && <Words tone="soft">This day is closed.</Words>}
      {openedBefore && now < end && (
        <Words tone="soft">Opened {dayWords(dateOf(page.openedAt ?? now, zone), today, settings)}.</Words>
      )}
    </>
  );
}
