/** What kept the browser's storage from being read or written, in words that go on from “the browser’s storage”. */
export function storageWords(error: unknown): string {
  const { name, message } = error instanceof Error ? error : { name: '', message: String(error) };
  if (name === 'QuotaExceededError' || /quota|full disk|no space/i.test(message)) return 'is full';
  if (name === 'SecurityError' || name === 'NotAllowedError') return 'is refused to this page';
  if (/indexedDB.*(not defined|undefined|null)/i.test(message)) return 'is switched off';
  return `does not answer (${message || name || 'it says no more'})`;
}
