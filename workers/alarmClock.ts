/** An alarm clock beside the page: set to ring after so many milliseconds, anew each time. */
export function alarmClock(ring: () => void): (ms: number) => void {
  const worker = new Worker(new URL('./alarmClock.worker.ts', import.meta.url), { type: 'module' });
  worker.addEventListener('message', ring);
  return (ms) => worker.postMessage(ms);
}
