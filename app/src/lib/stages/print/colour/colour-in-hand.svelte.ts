import { invalidateAll } from '$app/navigation';
import { put } from '../../../kit/client.ts';
import { newId } from '../../../kit/new-id.ts';
import type { ColourPrint, ColourPrintBody } from '../../../nouns/colour-print/contract.ts';

/** A colour print as it is written: every change goes to the server whole. Call it while a component is made. */
export function colourInHand(kept: () => ColourPrint) {
  let problem = $state<string>();
  /** The version that was answered last: a page that is read again later than the next press would bring an older one. */
  let answered = $state.raw<ColourPrint>();
  const now = $derived.by(() => {
    const read = kept();
    return answered?.id === read.id && answered.version > read.version ? answered : read;
  });

  /** Of what was sent and not answered: sent again it is the same, so that it is there once. */
  let stamp: { readonly key: string; readonly id: string; readonly atMs: number } | undefined;

  return {
    /** Id and instant of an entry: those of before while the same is sent again. */
    stampOf(entry: object): { readonly id: string; readonly atMs: number } {
      const key = JSON.stringify(entry);
      if (stamp?.key !== key) stamp = { key, id: newId(), atMs: Date.now() };
      return { id: stamp.id, atMs: stamp.atMs };
    },
    get now() {
      return now;
    },
    get problem() {
      return problem;
    },
    set problem(sentence: string | undefined) {
      problem = sentence;
    },
    /** Writes it with these changes; true when it is kept. */
    async write(change: Partial<ColourPrintBody>, without?: 'start'): Promise<boolean> {
      const { id, version, ...body } = { ...now, ...change };
      if (without) delete body[without];
      const outcome = await put<ColourPrint>(`/api/v1/colour-prints/${id}`, body, version);
      problem = outcome.problem?.detail;
      if (!outcome.value) return false;
      answered = outcome.value;
      stamp = undefined;
      await invalidateAll();
      return true;
    },
  };
}
export type ColourInHand = ReturnType<typeof colourInHand>;
