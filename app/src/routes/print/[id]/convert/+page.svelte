<script lang="ts">
  import { watchNumbers } from '$lib/kit/watch-numbers.ts';
  import Said from '$lib/kit/Said.svelte';
  import { goto } from '$app/navigation';
  import {
    convertView,
    convertFormOf,
    setupsOf,
    type ConvertForm,
  } from '$lib/stages/print/convert-view.ts';
  import PrintPages from '$lib/stages/print/PrintPages.svelte';
  import { lossOfPaper } from '$lib/nouns/calibration/long-times.ts';
  import { usePrint } from '$lib/stages/print/print-in-hand.svelte.ts';
  import Button from '$lib/kit/Button.svelte';
  import Field from '$lib/kit/Field.svelte';
  import { useKeys } from '$lib/kit/keys/keys.svelte.ts';

  const { data } = $props();
  const print = usePrint();
  // The form is its own from here on.
  /* svelte-ignore state_referenced_locally */
  const form = $state<ConvertForm>(convertFormOf(print.draft, print.view(), data.seconds));
  const tested = $derived(
    lossOfPaper(print.bench.longTimes, print.draft.paper, print.bench.papers),
  );
  const view = $derived(convertView(form, undefined, tested));

  type Line = { name: keyof ConvertForm; label: string };
  const groups: readonly { name: string; lines: readonly Line[] }[] = [
    {
      name: 'Another size',
      lines: [
        { name: 'negative', label: 'Negative, mm' },
        { name: 'fromLength', label: 'It was on the paper, mm' },
        { name: 'toLength', label: 'It will be, mm' },
        { name: 'pupil', label: 'Pupil magnification, if known' },
      ],
    },
    {
      name: 'A probe at the same spot of the picture',
      lines: [
        { name: 'fromProbe', label: 'It read' },
        { name: 'toProbe', label: 'It reads now' },
      ],
    },
    {
      name: 'Another aperture',
      lines: [
        { name: 'fromAperture', label: 'It was f/' },
        { name: 'toAperture', label: 'It will be f/' },
      ],
    },
    {
      name: 'Another paper',
      lines: [
        { name: 'fromSpeed', label: 'Its speed was P' },
        { name: 'toSpeed', label: 'It will be P' },
      ],
    },
    {
      name: 'A bare lamp further away or nearer',
      lines: [
        { name: 'fromDistance', label: 'It was at, cm' },
        { name: 'toDistance', label: 'It will be at, cm' },
      ],
    },
  ];

  useKeys([
    { key: ' ', does: 'work it out there, with a check strip', run: () => void carry() },
    { key: 'Escape', does: 'back to the print', run: () => void goto(print.path) },
  ]);

  /** The print goes on there: what was found is converted, and three patches check it. */
  async function carry() {
    if (!view.seconds) return;
    print.carryTo(setupsOf(form));
    await goto(print.path);
  }
</script>

<svelte:head><title>In another set-up · Katachron</title></svelte:head>

<PrintPages of={print.path} />
<h1 class="heading mt-2">In another set-up</h1>
<p class="reason mt-2 text-soft">
  Type only what changed. Head height alone is not enough: measure one length of the picture on the
  paper.
</p>
<div class="mt-5 grid grid-cols-1 gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,1fr)_420px]">
  <div>
    <div class="max-w-xs">
      <Field
        id="seconds"
        label="The time was, s"
        numeric
        maxlength={10}
        bind:value={form.seconds}
        trouble={view.troubles.seconds}
      />
    </div>
    {#each groups as group (group.name)}
      <h2 class="mt-3 font-[600]">{group.name}</h2>
      <div class="grid grid-cols-1 gap-x-8 md:grid-cols-3">
        {#each group.lines as { name, label } (name)}
          <Field
            id={name}
            {label}
            numeric
            maxlength={10}
            bind:value={form[name]}
            trouble={view.troubles[name]}
          />
        {/each}
      </div>
    {/each}
  </div>
  <section aria-label="The time there" aria-live="polite">
    {#if view.seconds}
      <p class="numeral text-[112px]" data-testid="converted" {@attach watchNumbers}>
        {view.seconds}<span class="text-[0.36em]"> s</span>
      </p>
      <table class="mt-5 w-full">
        <tbody>
          {#each view.conversions as { name, stops, why } (name)}
            <tr class="border-b border-hair align-baseline">
              <th scope="row" class="py-2 pr-3 text-left font-[560]">{name}</th>
              <td class="pr-3 text-right font-[620] whitespace-nowrap">{stops}</td>
              <td class="text-[15px] text-soft"><Said words={why} /></td>
            </tr>
          {/each}
        </tbody>
      </table>
      <p class="reason mt-4"><Said words={view.check ?? ''} /></p>
      <div class="mt-3">
        <Button main keyHint="Space" answer="{view.seconds} s" onclick={() => void carry()}
          >Go on there</Button
        >
      </div>
      {#if view.caution}<p class="reason mt-2 text-caution">{view.caution}</p>{/if}
    {:else}
      <p class="reason text-soft">The time there, and why, as soon as something changed.</p>
    {/if}
  </section>
</div>
