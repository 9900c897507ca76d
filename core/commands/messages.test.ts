import { at } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { addMessages, noteMarked, unmarked, wantedMark } from './messages';
import { tickOff } from './tasks';

const OWN = 'petra@trust.example';
const message = {
  ...{ subject: 'Is the portage open?', from: 'Canoe club', sentAt: null, text: 'Is it?', html: null },
  ...{ attachments: [], invitation: null, unread: [] },
};
const taken = { message, id: 'm', taskId: 't', due: null, fileIds: [], mail: { id: 'm7', own: OWN } };

test('what became of a message is to be said in its mailbox, each time once', () => {
  const made = addMessages.apply(workspaceOf({}), { taken: [taken], at: at('11:00') });
  expect(unmarked(made, OWN).map(({ mail }) => mail?.id)).toEqual(['m7']);
  expect(unmarked(made, 'other@trust.example')).toEqual([]);
  const told = noteMarked.apply(made, { id: 'm', said: 'taken' });
  expect(unmarked(told, OWN)).toEqual([]);
  const done = tickOff.apply(told, { id: 't', at: at('12:00') });
  expect(unmarked(done, OWN).map((one) => wantedMark(done, one))).toEqual(['done']);
  // what lies there no more is not told of again
  const gone = noteMarked.apply(done, { id: 'm', said: null });
  expect([unmarked(gone, OWN), gone.messages.get('m')?.mail]).toEqual([[], undefined]);
});
