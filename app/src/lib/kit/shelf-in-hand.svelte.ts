import { invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';
import { put } from './client.ts';
import { newId } from './new-id.ts';

type Kept<Body> = Body & { readonly id: string; readonly version: number };

/** A thing of a shelf that is worked on: every change goes to the server whole. Call it while a component is made. */
export function shelfInHand<Body extends object>(shelf: string, kept: () => Kept<Body>) {
  let problem = $state<string>();
  /** The version that was answered last: a page that is read again later than the next press would bring an older one. */
  let answered = $state.raw<Kept<Body>>();
  const now = $derived.by(() => {
    const read = kept();
    return answered?.id === read.id && answered.version > read.version ? answered : read;
  });
  /** Of what was sent and not answered: sent again it is the same, so that it is there once. */
  let stamp: { readonly key: string; readonly id: string; readonly atMs: number } | undefined;

  /** Each write is based on the version of the one before it. */
  let turn = Promise.resolve(true);

  async function writeNow(change: Partial<Body>, without?: keyof Body & string): Promise<boolean> {
    const whole: Record<string, unknown> = { ...now, ...change };
    const { id, version, ...body } = whole;
    if (without) delete body[without];
    const outcome = await put<Kept<Body>>(
      `/api/v1/${shelf}/${String(id)}`,
      body,
      version as number,
    );
    problem = outcome.problem?.detail;
    if (!outcome.value) return false;
    answered = outcome.value;
    stamp = undefined;
    // A page that is on its way would be called off by reading anew.
    await navigating.complete?.catch(() => undefined);
    await invalidateAll();
    return true;
  }

  return {
    get now() {
      return now;
    },
    get problem() {
      return problem;
    },
    set problem(sentence: string | undefined) {
      problem = sentence;
    },
    /** Id and instant of an entry: those of before while the same is sent again. */
    stampOf(entry: object): { readonly id: string; readonly atMs: number } {
      const key = JSON.stringify(entry);
      if (stamp?.key !== key) stamp = { key, id: newId(), atMs: Date.now() };
      return { id: stamp.id, atMs: stamp.atMs };
    },
    /** Writes it with these changes, and without a part where that is named, one after the other; true when it is kept. */
    write(change: Partial<Body>, without?: keyof Body & string): Promise<boolean> {
      turn = turn.then(() => writeNow(change, without));
      return turn;
    },
  };
}
export type ShelfInHand<Body extends object> = ReturnType<typeof shelfInHand<Body>>;
