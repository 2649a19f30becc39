import { invalidate, invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';

/** Until nobody is on the way to another page: loading anew in the middle of it would call the way off. */
async function arrived(): Promise<void> {
  for (let way = navigating.complete; way; way = navigating.complete) {
    await way.catch(() => undefined);
    // A way that was called off stands there until the next one.
    if (navigating.complete === way) return;
  }
}

/** What a page may ask anew by itself. */
export type Asked = `katachron:${string}`;

/** Loads anew what the page shows: all of it, or what depends on one thing. */
export async function refresh(what?: Asked): Promise<void> {
  await arrived();
  await (what ? invalidate(what) : invalidateAll());
}
