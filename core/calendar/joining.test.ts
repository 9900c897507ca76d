import { meeting } from '../fixtures/make';
import { joinings } from './joining';

const call = (uri: string, label = '') => ({ uri, label, line: '' });
const details = (changes: Partial<Parameters<typeof joinings>[0]>) =>
  joinings(meeting('m', '11:00', 30, changes));

test('a meeting is joined as its file says, else by its URL, else by an address in its place or notes', () => {
  const said = {
    kept: ['X-A:1', 'URL;VALUE=URI:https://trust.example/forum'],
    location: 'Boat house, or sip:forum@calls.example.',
    notes: 'Dial in (https://calls.example/forum?x=1), please.',
  };
  expect(details({ ...said, calls: [call('tel:+44-20-1234', 'Phone'), call('https://b.example')] })).toEqual([
    { uri: 'tel:+44-20-1234', label: 'Phone' },
    { uri: 'https://b.example', label: '' },
  ]);
  expect(details(said)).toEqual([{ uri: 'https://trust.example/forum', label: '' }]);
  expect(details({ ...said, kept: [] })).toEqual([{ uri: 'sip:forum@calls.example', label: '' }]);
  expect(details({ notes: said.notes })).toEqual([{ uri: 'https://calls.example/forum?x=1', label: '' }]);
});

test('what could run, or is no address, joins nothing', () => {
  const odd = ['javascript:alert(1)', 'data:text/html,x', 'file:///etc/passwd', 'ftp://x', 'https://', ''];
  expect(details({ calls: odd.map((uri) => call(uri)) })).toEqual([]);
  expect(details({ kept: ['URL:javascript:alert(1)'], notes: 'javascript:https' })).toEqual([]);
  expect(details({ notes: `${'a'.repeat(9_999)} https://calls.example` })).toEqual([]);
});
