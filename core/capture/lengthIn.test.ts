import { lengthIn } from './lengthIn';

test.each([
  ['Could you spare an hour this week? It would take about 60 minutes.', 60],
  ['Half an hour for the culvert, please', 30],
  ['We need 2 hours of the van', 120],
  ['The readings of 14 May, 7 sheets, 3 of them wet', undefined],
  ['Is the portage open by Thursday 14:30?', undefined],
])('%s names %s minutes', (text, minutes) => expect(lengthIn(text)).toBe(minutes));
