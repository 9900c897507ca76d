import { storageWords } from './storageWords';

const named = (name: string, message = '') => Object.assign(new Error(message), { name });

test.each([
  [named('QuotaExceededError'), 'is full'],
  [named('UnknownError', 'Encountered full disk while opening backing store'), 'is full'],
  [named('SecurityError', 'denied'), 'is refused to this page'],
  [named('ReferenceError', 'indexedDB is not defined'), 'is switched off'],
  [named('UnknownError', 'Internal error'), 'does not answer (Internal error)'],
  ['gone', 'does not answer (gone)'],
])('%s: the storage %s', (error, words) => {
  expect(storageWords(error)).toBe(words);
});
