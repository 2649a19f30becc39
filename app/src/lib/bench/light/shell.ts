import type { Light } from '../desk/choices.ts';

/** What the service worker is told: the light it is, or a page to keep for when the server is lost. */
export type ShellMessage =
  | { readonly kind: 'light'; readonly light: Light; readonly brightness: number }
  | { readonly kind: 'keep'; readonly path: string };

function send(message: ShellMessage): void {
  if (typeof navigator === 'undefined' || !('serviceWorker' in navigator)) return;
  void navigator.serviceWorker.ready.then(({ active }) => active?.postMessage(message));
}

export function tellShell(light: { light: Light; brightness: number }): void {
  send({ kind: 'light', ...light });
}

/** Keeps a page, so that it comes up again after a reload although the server is away. */
export function keepPage(path: string): void {
  send({ kind: 'keep', path });
}
