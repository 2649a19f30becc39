<script lang="ts">
  import { watchNumbers } from '../../kit/watch-numbers.ts';
  import ThermometerChoice from '../../bench/desk/ThermometerChoice.svelte';
  import { clockTime } from '../../words/duration.ts';
  import { degrees } from '../../words/temperature.ts';
  import type { RollInHand } from './roll-in-hand.svelte.ts';

  interface Props {
    film: RollInHand;
  }
  const { film }: Props = $props();
  const { draft } = $derived(film);
  const view = $derived(film.view());
  const { unit } = $derived(film);
  const { development } = $derived(view);
</script>

<section aria-label="The time">
  <p
    class="numeral text-[112px] lg:text-[132px]"
    aria-live="polite"
    data-testid="time"
    {@attach view.seconds === undefined ? undefined : watchNumbers}
  >
    {view.seconds === undefined ? '–:––' : clockTime(view.seconds)}
  </p>
  <div class="mt-8 flex items-end justify-between">
    <label for="temperature" class="text-soft">Developer reads</label>
    <button
      class="slot-in mb-1 min-h-9 px-1"
      onclick={() => film.switchUnit()}
      aria-label="Unit: °{unit}. Change it.">°{unit}</button
    >
  </div>
  <input
    id="temperature"
    bind:this={film.thermometer}
    bind:value={draft.temperature}
    class="field numeral w-full text-[62px]"
    placeholder={unit === 'C' ? '20' : '68'}
    inputmode="decimal"
    autocomplete="off"
    maxlength="12"
    aria-invalid={view.troubles.temperature !== undefined || view.refusal !== undefined}
    aria-describedby="time-reason"
    onkeydown={(event) => event.key === 'Enter' && film.thermometer?.blur()}
  />
  <ThermometerChoice trueC={view.temperatureC} />
  <div id="time-reason" class="mt-6 space-y-2">
    {#if draft.temperature.trim() === ''}
      <p class="text-[15px] text-soft" data-testid="leads">
        Three matter now: that the film and its developer above are yours, the speed it was shot at,
        and what the thermometer reads. Tank and volume tell whether the developer is enough; the
        room, the other baths and a name can wait.
      </p>
    {/if}
    {#if view.troubles.temperature ?? view.refusal}
      <p class="reason text-trouble" role="alert">
        {view.troubles.temperature ?? view.refusal}
      </p>
    {/if}
    {#if view.factors.length > 0 && development}
      <table class="w-full" aria-label="How the time is worked out">
        <tbody>
          <tr class="border-b border-hair">
            <td class="pr-3 text-right font-[620]">{clockTime(development.base.seconds)}</td>
            <td class="text-[15px] text-soft"
              >the recipe at {degrees(view.temperatureC ?? 0, unit)}</td
            >
          </tr>
          {#each view.factors as line (line.id)}
            <tr class="border-b border-hair">
              <td class="whitespace-nowrap pr-3 text-right font-[620]">{line.times}</td>
              <td class="text-[15px] leading-snug text-soft">{line.why}</td>
            </tr>
          {/each}
          <tr>
            <td class="pr-3 text-right font-[620]">{clockTime(development.seconds)}</td>
            <td class="text-[15px] text-soft">together</td>
          </tr>
        </tbody>
      </table>
    {/if}
    {#each view.reasons as sentence, index (index)}<p class="reason">{sentence}</p>{/each}
    {#each view.cautions as sentence, index (index)}
      <p class="reason text-caution">{sentence}</p>
    {/each}
    {#if view.bathsApart}<p class="reason text-caution">{view.bathsApart}</p>{/if}
    {#if view.wrongClock}<p class="reason">{view.wrongClock}</p>{/if}
  </div>
</section>
