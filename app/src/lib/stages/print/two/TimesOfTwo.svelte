<script lang="ts">
  import { watchNumbers } from '../../../kit/watch-numbers.ts';

  interface Props {
    /** What each side is given, s, as it is dialled. */
    answer: { readonly a: string; readonly b: string; readonly tested: boolean };
  }
  const { answer }: Props = $props();
</script>

<p class="numeral text-[44px] md:text-[56px]" data-testid="times" {@attach watchNumbers}>
  <span class="whitespace-nowrap">A {answer.a} s ·</span>
  <span class="whitespace-nowrap">B {answer.b} s</span>
</p>
<p class="reason mt-1 text-soft">
  {answer.tested
    ? 'Of the cell that was picked.'
    : 'Each alone: the grid shows what they make together.'}
</p>
