import { answerRequest } from '../commands/requests';
import { guest, heard, invitation, ORGANIZER } from '../fixtures/invited';
import { at, zone } from '../fixtures/make';
import type { Calendar } from '../model/event';
import { eventOf } from '../requests/receive';
import { hoursMark } from '../requests/revision';
import { asIfAccepted } from './asIf';
import { requestList } from './requestList';

const calendar: Calendar = { id: 'c', name: 'Mine', source: '', hue: 'reed', kept: [] };

function asked(...more: string[]) {
  const petra = guest();
  petra.hear([{ itip: heard(invitation(more)), sender: ORGANIZER.address, at: at('08:00') }]);
  const request = petra.request();
  if (!request) throw new Error('It was heard.');
  return { workspace: petra.workspace(), request };
}
const ids = ({ waiting, answered }: ReturnType<typeof requestList>) => [
  waiting.map(({ id }) => id),
  answered.map(({ id }) => id),
];

test('what is asked waits until it is answered or past, and stays in sight for a while', () => {
  const { workspace, request } = asked();
  expect(ids(requestList(workspace, zone, at('09:00')))).toEqual([['walk'], []]);
  expect(ids(requestList(workspace, zone, at('12:00')))).toEqual([[], ['walk']]);
  expect(ids(requestList(workspace, zone, at('12:00', '2026-12-20')))).toEqual([[], []]);
  const event = eventOf(request);
  const hours = event ? hoursMark(event) : '';
  const answer = { kind: 'yes' as const, at: at('09:00'), hours, proposals: [], note: '' };
  const after = answerRequest.apply(workspace, { id: 'walk', answer, calendar, own: [] });
  expect(ids(requestList(after, zone, at('09:30')))).toEqual([[], ['walk']]);
});

test('accepted on trial, its next time lies in the plan, and the data stay as they are', () => {
  const { workspace, request } = asked('RRULE:FREQ=WEEKLY;COUNT=3');
  const asIf = asIfAccepted(workspace, request, calendar, { zone, now: at('09:00', '2026-12-02') });
  expect(asIf?.meeting.from).toBe(at('10:00', '2026-12-08'));
  expect(asIf?.workspace.events.size).toBe(1);
  expect(workspace.events.size).toBe(0);
  const over = asIfAccepted(workspace, request, calendar, { zone, now: at('09:00', '2027-02-01') });
  expect(over).toBeUndefined();
});
