<script lang="ts">
  import type { Part } from './part.ts';
  import { partAddress } from './part.ts';

  interface Props {
    of: Part;
    /** What it shows; empty where the words beside it say so. */
    alt?: string;
    class?: string;
  }
  const { of, alt = '', class: more = '' }: Props = $props();
</script>

<span class="thumb {more}"><img src={partAddress(of)} {alt} loading="lazy" decoding="async" /></span
>
