<script lang="ts">
  import { goto } from '$app/navigation';
  import { refresh } from '../../kit/refresh.ts';
  import Button from '../../kit/Button.svelte';
  import { put } from '../../kit/client.ts';
  import { useKeys } from '../../kit/keys/keys.svelte.ts';
  import { bodyOf } from '../../nouns/calibration/changes.ts';
  import type { Comparison } from '../../nouns/comparison/contract.ts';
  import type { Side } from '../../nouns/comparison/sides.ts';

  interface Props {
    kept: Comparison;
  }
  const { kept }: Props = $props();
  const pair = $derived(kept.answers.length);
  const where = $derived(`Pair ${pair + 1} of ${kept.key.length}`);
  /** The key is shown to whoever lays the pair out, and only while asked for. */
  let shown = $state(false);
  let problem = $state<string>();
  let busy = false;

  useKeys([
    { key: ' ', does: 'show how the pair is laid, or hide it', run: () => (shown = !shown) },
    { key: 'ArrowLeft', does: 'the left one', run: () => void choose('left') },
    { key: 'ArrowRight', does: 'the right one', run: () => void choose('right') },
    { key: 'u', does: 'take the last answer back', run: () => void takeBack() },
    { key: 'Escape', does: 'to the comparisons', run: () => void goto('/calibrate/comparisons') },
  ]);

  async function keep(answers: Side[]) {
    if (busy) return;
    busy = true;
    const outcome = await put(
      `/api/v1/comparisons/${kept.id}`,
      { ...bodyOf(kept), answers },
      kept.version,
    );
    problem = outcome.problem?.detail;
    if (outcome.value) await refresh();
    busy = false;
  }

  async function choose(side: Side) {
    if (shown) {
      problem = 'Hide how it is laid first: whoever looks does not know it.';
      return;
    }
    await keep([...kept.answers, side]);
  }

  async function takeBack() {
    if (pair > 0) await keep(kept.answers.slice(0, -1));
  }
</script>

<h1 class="heading break-words">{kept.name}</h1>
<p class="mt-4 text-[40px] font-[600] leading-tight" data-testid="pair">
  {where}
</p>
<p class="mt-2 text-[28px] leading-tight">{kept.asked}</p>
<div class="mt-6 grid max-w-2xl grid-cols-2 gap-4">
  {#each [{ side: 'left', name: 'The left one', key: '←' }, { side: 'right', name: 'The right one', key: '→' }] as const as { side, name, key } (side)}
    <Button large keyHint={key} onclick={() => void choose(side)}>{name}</Button>
  {/each}
</div>
<p class="mt-4">
  <button class="slot-in min-h-11 font-[600]" onclick={() => void takeBack()} disabled={pair === 0}
    >Take the last answer back</button
  >
</p>
<section class="mt-4" aria-label="For whoever lays it out">
  <p class="reason text-soft">
    Somebody else lays the pairs out, or mark the backs and lay them face up yourself. Who looks
    does not look at this screen meanwhile.
  </p>
  {#if shown}
    <p class="mt-3 text-[28px] font-[600]" data-testid="lay">
      Sample A lies {kept.key[pair]}, sample B {kept.key[pair] === 'left' ? 'right' : 'left'}.
    </p>
  {/if}
</section>
<div class="in-sight mt-4">
  {#if problem}<p class="mb-3 text-trouble" role="alert">{problem}</p>{/if}
  <Button main keyHint="Space" onclick={() => (shown = !shown)}>
    {shown ? 'It is laid: hide it' : 'Show how it is laid'}
  </Button>
</div>
