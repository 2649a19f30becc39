<script lang="ts">
  import { castStrengths, casts, type ColourHead } from '@katachron/core';
  import { useDesk } from '../../../bench/desk/desk.svelte.ts';
  import { castPatches, neutralFills } from './cast-colours.ts';

  interface Props {
    head: ColourHead;
    /** The print's own picture, where there is one. */
    picture?: string | undefined;
    /** "red slight"; "none", or empty while nothing was picked. */
    picked: string;
    onpick: (picked: string) => void;
  }
  const { head, picture, picked, onpick }: Props = $props();
  const desk = useDesk();
  const patches = $derived(castPatches(head));
  const rows = $derived(
    casts.map(({ id, name }) => ({
      ...{ id, name },
      cells: patches.filter(({ castId }) => castId === id),
    })),
  );
  const cell =
    'min-h-11 w-full overflow-hidden rounded-md border-[3px] border-transparent aria-pressed:border-rim';
</script>

{#snippet pair(fills: readonly string[], matrix?: string, id = '')}
  {#if picture}
    <svg
      class="block h-14 w-full"
      viewBox="0 0 4 3"
      preserveAspectRatio="xMidYMid slice"
      aria-hidden="true"
    >
      {#if matrix}<filter id="cast-{id}" color-interpolation-filters="linearRGB"
          ><feColorMatrix values={matrix} /></filter
        >{/if}
      <image
        href="/api/v1/pictures/{picture}/colour"
        width="4"
        height="3"
        preserveAspectRatio="xMidYMid slice"
        filter={matrix && `url(#cast-${id})`}
      />
    </svg>
  {:else}
    <svg class="block h-10 w-full" viewBox="0 0 2 1" preserveAspectRatio="none" aria-hidden="true">
      {#each fills as fill, at (at)}<rect x={at} width="1" height="1" {fill} />{/each}
    </svg>
  {/if}
{/snippet}

{#if desk.light === 'white'}
  <p class="text-[15px] text-soft">
    {picture ? 'The print itself' : 'A grey and a skin'}: none, then each cast as it is seen. White
    light only, and this screen is no measure: name the cast by comparing, and trust the dry print
    in viewing light.
  </p>
  <div class="mt-2 grid max-w-2xl gap-y-0.5" role="group" aria-label="The cast">
    <button
      type="button"
      class="{cell} flex items-center gap-3 text-left"
      data-leaves-space
      aria-pressed={picked === 'none'}
      onclick={() => onpick('none')}
    >
      <span class="w-20 shrink-0">none</span>
      <span class="min-w-0 {picture ? 'w-28' : 'flex-1'}">{@render pair(neutralFills)}</span>
    </button>
    <p class="flex gap-3 text-[15px] text-soft" aria-hidden="true">
      <span class="w-20 shrink-0"></span>
      {#each castStrengths as { id, name } (id)}<span class="w-full">{name}</span>{/each}
    </p>
    {#each rows as { id, name, cells } (id)}
      <div class="flex items-center gap-3">
        <span class="w-20 shrink-0 pl-[3px]">{name}</span>
        {#each cells as { strengthId, label, fills, matrix } (strengthId)}
          <button
            type="button"
            class={cell}
            data-leaves-space
            aria-label={label}
            aria-pressed={picked === `${id} ${strengthId}`}
            onclick={() => onpick(`${id} ${strengthId}`)}
            >{@render pair(fills, matrix, `${id}-${strengthId}`)}</button
          >
        {/each}
      </div>
    {/each}
  </div>
{:else}
  <p class="reason text-caution">
    Colours are judged in white viewing light: switch this screen to White, away from open paper.
  </p>
{/if}
