<script lang="ts">
  import { goto } from '$app/navigation';
  import Button from '../../kit/Button.svelte';
  import { settleOn, useKeys } from '../../kit/keys/keys.svelte.ts';
  import type { Negative } from '../../nouns/negative/contract.ts';
  import Thumb from '../../nouns/picture/Thumb.svelte';
  import { isEmpty, tonightParts, tonightWords, type TonightFacts } from './tonight-view.ts';
  import { atTheSink } from './at-the-sink.svelte.ts';
  import UnderWay from './UnderWay.svelte';
  import WaysIn from './WaysIn.svelte';

  interface Props {
    facts: TonightFacts;
    /** Begins a print of it; a sentence where that does not go. */
    onprint: (negative: string) => Promise<string | undefined>;
  }
  const { facts, onprint }: Props = $props();
  const parts = $derived(tonightParts(facts));
  const empty = $derived(isEmpty(facts));
  /** So many negatives are shown: the best come first. */
  const MOST = 6;
  const negatives = $derived(facts.negatives.slice(0, MOST));
  const moreNegatives = $derived(
    (facts.negativesInAll ?? facts.negatives.length) - negatives.length,
  );
  let problem = $state<string>();
  let beginning = false;

  /** The first thing that waits. */
  const first = $derived(parts[0]?.lines[0]?.href);
  const sink = atTheSink(() => facts.prints);
  const main = $derived(
    sink.first ??
      (first
        ? { id: first, words: 'Begin with the first', run: () => void goto(first) }
        : {
            ...{ id: 'new', words: 'A roll to develop' },
            run: () => void goto('/film/rolls/new'),
          }),
  );
  settleOn(() => main.id);
  useKeys([
    { key: ' ', does: 'what the sink wants, then what stands first', run: () => main.run() },
    { key: 'p', does: 'plan the evening', run: () => void goto('/evening') },
    ...[1, 2, 3, 4, 5].map((number) => ({
      key: String(number),
      does: `open number ${number} of what waits`,
      run: () => {
        const line = parts.flatMap(({ lines }) => lines)[number - 1];
        if (line) void goto(line.href);
      },
    })),
  ]);

  async function print({ name }: Negative) {
    if (beginning) return;
    beginning = true;
    problem = await onprint(name);
    beginning = false;
  }
</script>

<div class="flex flex-wrap items-end justify-between gap-4">
  <h1 class="heading">Tonight</h1>
  <Button main keyHint="Space" onclick={() => main.run()}>{main.words}</Button>
</div>
{#if problem}<p class="mt-3 text-trouble" role="alert">{problem}</p>{/if}
{#if !empty}
  <p class="mt-2 text-lg text-soft">
    {tonightWords(facts)}
    <a class="slot-in font-[600]" href="/evening">Plan the evening</a>
  </p>
{/if}
<UnderWay prints={facts.prints} />
{#if empty}
  <WaysIn />
{/if}
<div class="gap-x-14 lg:columns-2">
  {#each parts as { id, title, lines, more, allHref } (id)}
    <section class="mt-5 min-w-0 break-inside-avoid" aria-label={title}>
      <h2 class="text-xl font-[620]">{title}</h2>
      <ul class="mt-1">
        {#each lines as line (line.id)}
          <li class="border-b border-hair py-2">
            <a class="flex min-h-11 items-center gap-4" href={line.href}>
              {#if line.picture}<Thumb of={line.picture} class="w-20 shrink-0" />{/if}
              <span class="min-w-0">
                <span class="line-clamp-2 break-words text-lg font-[560]">{line.name}</span>
                <span
                  class="block break-words text-[15px] {line.caution
                    ? 'text-caution'
                    : 'text-soft'}">{line.words}</span
                >
              </span>
            </a>
            {#if line.loadHref}<a
                class="slot-in inline-flex min-h-11 items-center text-[15px]"
                href={line.loadHref}>Before the lights go out</a
              >{/if}
          </li>
        {/each}
      </ul>
      {#if more > 0}<a class="slot-in inline-flex min-h-11 items-center" href={allHref}
          >{more} more</a
        >{/if}
    </section>
  {/each}
  {#if negatives.length > 0}
    <section class="mt-5 min-w-0 break-inside-avoid" aria-label="Frames to print">
      <h2 class="text-xl font-[620]">Frames to print</h2>
      <ul class="mt-1">
        {#each negatives as negative (negative.name)}
          <li class="border-b border-hair py-2">
            <button
              class="flex min-h-11 w-full items-center gap-4 text-left"
              type="button"
              data-leaves-space
              onclick={() => void print(negative)}
            >
              {#if negative.picture}<Thumb of={negative.picture} class="w-20 shrink-0" />{/if}
              <span class="min-w-0">
                <span class="block text-lg font-[560]">{negative.name}</span>
                <span class="block break-words text-[15px] text-soft"
                  >{[negative.rating, negative.about].filter(Boolean).join('; ')}</span
                >
              </span>
            </button>
          </li>
        {/each}
      </ul>
      {#if moreNegatives > 0}<a
          class="slot-in inline-flex min-h-11 items-center"
          href="/logbook?kind=roll">{moreNegatives} more, on their rolls</a
        >{/if}
    </section>
  {/if}
</div>
