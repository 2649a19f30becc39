<script lang="ts">
  import type { Component } from 'svelte';
  import { keysInForce, useKeys, type PageKey } from './keys.svelte.ts';

  const keys = keysInForce();
  let open = $state(false);
  /** It comes when it is asked for. */
  let List = $state.raw<Component<{ open: boolean; keys: readonly PageKey[] }, object, 'open'>>();
  useKeys([{ key: '?', does: 'these keys', run: () => void show() }]);

  async function show() {
    List ??= (await import('./KeyDialog.svelte')).default;
    open = true;
  }
</script>

{#if List}<List bind:open keys={keys.listed} />{/if}
