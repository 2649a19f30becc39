<script lang="ts" generics="Thing extends { id: string; version: number; name: string }">
  import type { Snippet } from 'svelte';
  import Button from './Button.svelte';
  import { shelfOf } from './shelf.svelte.ts';

  interface Props {
    heading: string;
    level?: 1 | 2;
    things: readonly Thing[];
    /** Where the shelf is kept, and where its pages are. */
    api: string;
    href: string;
    line: (thing: Thing) => string;
    /** What the button for another one says. */
    make: string;
    keyHint?: string;
    main?: boolean;
    /** The number that a thing is looked for, before its name; and what more there is to say of it. */
    lead?: Snippet<[Thing]>;
    about?: Snippet<[Thing]>;
    /** What stands there while it is empty. */
    empty: Snippet;
  }
  const {
    heading,
    level = 2,
    things,
    api,
    href,
    line,
    make,
    keyHint = '',
    main = false,
    lead,
    about,
    empty,
  }: Props = $props();
  // A shelf's address does not change while it is on the screen.
  // svelte-ignore state_referenced_locally
  const shelf = shelfOf<Thing>(api);
</script>

<section aria-label={heading}>
  <div class="flex flex-wrap items-end justify-between gap-4">
    <svelte:element this={`h${level}`} class="heading">{heading}</svelte:element>
    <Button {main} {keyHint} href="{href}/new">{make}</Button>
  </div>
  {#if shelf.problem}<p class="mt-3 text-trouble" role="alert">{shelf.problem}</p>{/if}
  {#if shelf.removed}
    <p class="mt-3" role="status">
      {shelf.removed.name} was deleted.
      <button class="slot-in min-h-11 font-[600]" onclick={() => void shelf.putBack()}>Undo</button>
    </p>
  {/if}
  <ul class="mt-4">
    {#each things as thing (thing.id)}
      <li
        class="flex {lead
          ? 'items-start max-md:flex-wrap'
          : 'items-center'} gap-x-6 border-b border-hair py-2"
      >
        {@render lead?.(thing)}
        <div class="min-w-0 flex-1">
          <p class="break-words font-[560]">
            <a class="underline-offset-4 hover:underline" href="{href}/{thing.id}">{thing.name}</a>
          </p>
          <p class="break-words text-[15px] text-soft">{line(thing)}</p>
          {@render about?.(thing)}
        </div>
        <button
          class="min-h-11 text-[15px] text-soft"
          aria-label="Delete {thing.name}"
          onclick={() => void shelf.takeOff(thing)}>Delete</button
        >
      </li>
    {:else}
      <li class="reason">{@render empty()}</li>
    {/each}
  </ul>
</section>
