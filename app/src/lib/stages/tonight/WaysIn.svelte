<script lang="ts">
  const ways = [
    {
      href: '/film/rolls/new',
      name: 'A roll to develop',
      words:
        'Say which film it is and how it was exposed; time, temperature and every bath of its run follow.',
    },
    {
      href: '/print',
      name: 'A negative to print',
      words:
        'One strip of paper, a look at it, and the next time and contrast, with how sure they are.',
    },
    {
      // It has a database of its own: samples never lie among what is one's own.
      name: 'Look at the sample darkroom',
      words:
        'Started by ./katachron demo, beside this one: a winter of the glassblowers’ cooperative at Ferrow, its rolls, prints and baths, all made up.',
    },
  ];
</script>

{#snippet way(name: string, words: string)}
  <span class="block text-xl font-[560]">{name}</span>
  <span class="block text-soft">{words}</span>
{/snippet}

<p class="reason mt-3 max-w-2xl">Nothing is written down yet. Three ways in:</p>
<ul class="mt-2 max-w-2xl">
  {#each ways as { href, name, words } (name)}
    <li class="border-b border-hair py-3">
      {#if href}<a class="block" {href}>{@render way(name, words)}</a>{:else}{@render way(
          name,
          words,
        )}{/if}
    </li>
  {/each}
</ul>
