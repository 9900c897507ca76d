import { View } from 'react-native';
import { addressOfPage, askPages, takeDown } from '@/actions/outside/booking';
import { copyText } from '@/actions/copyText';
import { offeredTimes, type OwnPage } from '@/core/outside/bookingPage';
import { feedWords } from '@/core/outside/feedWords';
import { dateWords, durationWords } from '@/core/time/words';
import { useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel, type Panel, type Panels } from '@/ui/panels';
import { QUARTER, useSince } from '@/ui/useSince';
import { Heading, Words } from '@/ui/Words';
import { NewPage } from './NewPage';

/** Pages from which others book times: those that there are, and a new one. */
function BookingPages() {
  const { pages } = useOutside();
  return (
    <View className="gap-5">
      <Words tone="soft">
        Whoever has the address of such a page sees free times of yours in hours that are open to meetings,
        and asks for one; it comes to you as a request. What leaves the browser is free times, never what lies
        between them. The server that Sprindle came from has to be one that the others can reach.
      </Words>
      {pages.map((page) => (
        <Page key={page.token} page={page} />
      ))}
      <NewPage first={pages.length === 0} />
    </View>
  );
}

function Page({ page }: { page: OwnPage }) {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const since = useSince(QUARTER);
  const { settings: style } = workspace;
  const { title, minutes, until, many, trouble, heardAt } = page;
  const address = addressOfPage(page);
  const times = offeredTimes(workspace, page, since.zone, since.now).length;
  const isOver = until < today;
  return (
    <View role="group" aria-label={title} className="gap-2 border-l-4 border-pine pl-3">
      <Heading level={2}>{title}</Heading>
      <Words tone="soft">
        {[
          durationWords(minutes),
          isOver ? 'ended' : `until ${dateWords(until, style)}`,
          many ? 'several bookings' : 'one booking',
          `${times === 1 ? 'one free stretch' : `${times} free stretches`} now`,
        ].join(' · ')}
      </Words>
      <Words className="select-text bg-surface p-2.5">{address}</Words>
      <Words size="xs" tone={trouble ? 'brick' : 'soft'} aria-live="polite">
        {feedWords({ address, trouble, heardAt }, { zone, now, today, style })}
      </Words>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Copy the address"
          says={`Copy the address: ${title}`}
          onPress={() => void copyText(address)}
        />
        <Button label="Ask now" says={`Ask now: ${title}`} kind="quiet" onPress={() => void askPages()} />
        <Button label="Requests…" kind="quiet" onPress={() => openPanel({ kind: 'requests' })} />
        <Button
          label="Take it down"
          says={`Take it down: ${title}`}
          kind="danger"
          onPress={() => void takeDown(page)}
        />
      </View>
    </View>
  );
}

export const bookingPagesPanel: Panel<Panels['bookingPages']> = {
  useTitle: () => 'Pages to book from',
  Content: BookingPages,
};

declare module '@/ui/panels' {
  interface Panels {
    /** Pages from which others book times. */
    bookingPages: object;
  }
}
