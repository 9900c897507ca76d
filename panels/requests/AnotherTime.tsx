import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { answer } from '@/actions/outside/requests';
import type { AskedEvent, Proposal, Request } from '@/core/model/request';
import { proposals } from '@/core/outside/proposals';
import { spanFrom } from '@/core/time/span';
import { spanWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { readWords } from '@/ui/readings';
import { QUARTER, useSince } from '@/ui/useSince';
import { Words } from '@/ui/Words';

type Props = {
  request: Request;
  event: AskedEvent;
  /** Because its week is sealed. */
  notThisWeek: boolean;
};

/** Other times for something that is asked for: those that suit best, each may be left out, with a word to it. */
export function AnotherTime({ request, event, notThisWeek }: Props) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const since = useSince(QUARTER);
  const { settings } = workspace;
  const [without, setWithout] = useState<readonly number[]>([]);
  const [note, setNote] = useState('');
  const found = useMemo(
    () =>
      proposals(workspace, event, [request.organizer], {
        ...since,
        notThisWeek,
      }),
    [workspace, event, request.organizer, since, notThisWeek],
  );
  const chosen = found.filter(({ start }) => !without.includes(start));
  const toggle = ({ start }: Proposal) =>
    setWithout(without.includes(start) ? without.filter((other) => other !== start) : [...without, start]);
  const send = () => answer(request, 'other', { proposals: chosen, note, notThisWeek });
  return (
    <View className="gap-2 rounded-lg border border-line bg-surface p-3" aria-live="polite">
      <Words face="strong">
        {notThisWeek ? 'Not this week: propose a later one' : 'Propose another time'}
      </Words>
      {found.length === 0 ? (
        <Words tone="soft">
          In the next weeks no hours are free for it that are open to meetings. Your answer can say so.
        </Words>
      ) : (
        <Words size="xs" tone="soft">
          Free here, in hours that take meetings, on the days that are least full.
        </Words>
      )}
      {found.map((one) => (
        <CheckBox
          key={one.start}
          label={spanWords(spanFrom(one), zone, settings)}
          checked={!without.includes(one.start)}
          onToggle={() => toggle(one)}
        />
      ))}
      <Field label="A word with it" multiline text={note} read={readWords} onSave={setNote} />
      <View className="flex-row">
        <Button
          label={chosen.length === 0 ? 'Send it without a time' : 'Propose them'}
          says={`${chosen.length === 0 ? 'Send it without a time' : 'Propose them'}: ${event.title}`}
          kind="primary"
          onPress={send}
        />
      </View>
    </View>
  );
}
