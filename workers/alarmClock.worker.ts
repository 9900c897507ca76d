/*
 * Wakes the page after so many milliseconds: a page in the background is woken late by its own timers, a worker’s are on
 * time. One alarm at a time.
 */
let timer: ReturnType<typeof setTimeout> | undefined;

self.addEventListener('message', ({ data }: MessageEvent<number>) => {
  clearTimeout(timer);
  timer = setTimeout(() => self.postMessage('now'), data);
});
