/* A part of the service worker: tells a page what was pressed on one of its notifications. */
self.addEventListener('notificationclick', (event) => {
  const { notification, action } = event;
  const { space, id, uri } = notification.data ?? {};
  notification.close();
  event.waitUntil(
    (async () => {
      const pages = await self.clients.matchAll({ type: 'window', includeUncontrolled: true });
      for (const page of pages) page.postMessage({ kind: 'ring', space, id, action });
      // only what is pressed may open a window; anything but a page is opened by the application
      if (action === 'join' && /^https?:/i.test(uri ?? '')) return self.clients.openWindow(uri);
      const seen = pages.find(({ focused }) => focused) ?? pages[0];
      return seen ? seen.focus() : self.clients.openWindow(`/today?space=${encodeURIComponent(space)}`);
    })(),
  );
});
