import * as z from '@/core/zod';

/** Whether the browser shows notifications of this page: it has to be asked, was refused, or cannot. */
export type Permission = 'granted' | 'denied' | 'default' | 'missing';

export const permission = (): Permission =>
  'Notification' in window && 'serviceWorker' in navigator ? Notification.permission : 'missing';

/** Asks for it, if nobody has answered yet. */
export async function askPermission(): Promise<Permission> {
  return permission() === 'default' ? await Notification.requestPermission() : permission();
}

/** What a notification says and offers. `data` comes back with what was pressed on it. */
export type Notified = {
  readonly title: string;
  readonly body: string;
  /** A later one with the same tag takes its place. */
  readonly tag: string;
  readonly actions: readonly { readonly action: string; readonly title: string }[];
  readonly data: { readonly space: string; readonly id: string; readonly uri?: string };
};

/** Shows a notification by the service worker, which lives on when the page does not. Does nothing where none may be shown. */
export async function notify({ title, ...rest }: Notified): Promise<void> {
  if (permission() !== 'granted') return;
  try {
    const worker = await navigator.serviceWorker.ready;
    await worker.showNotification(title, {
      ...rest,
      silent: true,
      icon: '/icons/icon-192.png',
    } as NotificationOptions);
  } catch {
    // refused meanwhile: the page shows it
  }
}

const Pressed = z.object({ kind: z.literal('ring'), space: z.string(), id: z.string(), action: z.string() });
export type Pressed = z.infer<typeof Pressed>;

/** Tells what is pressed on notifications (scripts/ringing.js). */
export function onNotificationPressed(act: (pressed: Pressed) => void): void {
  if (!('serviceWorker' in navigator)) return;
  navigator.serviceWorker.addEventListener('message', ({ data }) => {
    const pressed = Pressed.safeParse(data);
    if (pressed.success) act(pressed.data);
  });
}
