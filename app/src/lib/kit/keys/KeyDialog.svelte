<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { keyName, type PageKey } from './keys.svelte.ts';

  let { open = $bindable(), keys }: { open: boolean; keys: readonly PageKey[] } = $props();
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-ground opacity-90" />
    <Dialog.Content
      class="fixed inset-x-4 top-[8vh] z-40 mx-auto max-h-[84vh] max-w-xl overflow-auto rounded-b-3xl rounded-t-md border-[3px] border-rim bg-enamel p-7"
    >
      <Dialog.Title class="heading mb-4">Keys</Dialog.Title>
      <dl class="grid grid-cols-[90px_1fr] gap-y-1">
        {#each keys as { key, does } (key)}
          <dt class="font-[600]">{keyName(key)}</dt>
          <dd>{does}</dd>
        {/each}
        {#if !keys.some(({ key }) => key === 'Escape')}
          <dt class="font-[600]">Esc</dt>
          <dd>out of wherever you are</dd>
        {/if}
      </dl>
      <Dialog.Close class="mt-5 min-h-14 rounded-xl border-2 border-hair px-6 font-[600]">
        Close
      </Dialog.Close>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
