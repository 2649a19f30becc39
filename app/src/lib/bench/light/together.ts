import { onMount } from 'svelte';
import { keptPreferences, type Desk } from '../desk/desk.svelte.ts';

/** Nothing of a page shows while it is put by: a browser that brings it back later paints it before it runs. */
const PUT_BY = 'putBy';

/**
 * Every page of this browser is in the light of now: tabs change it together, and a page that the browser kept comes back in
 * it, before any of it is painted.
 */
export function keepInLight(desk: Desk): void {
  onMount(() => {
    const root = document.documentElement;
    const channel = new BroadcastChannel('katachron-light');
    const takeUp = () => {
      const kept = keptPreferences();
      if (kept) desk.takeUpLight(kept);
    };
    const putBy = () => (root.dataset[PUT_BY] = '');
    const comeBack = () => {
      takeUp();
      delete root.dataset[PUT_BY];
    };
    channel.onmessage = takeUp;
    desk.lightChanged = () => channel.postMessage(null);
    addEventListener('pagehide', putBy);
    addEventListener('pageshow', comeBack);
    return () => {
      channel.close();
      desk.lightChanged = () => undefined;
      removeEventListener('pagehide', putBy);
      removeEventListener('pageshow', comeBack);
    };
  });
}
