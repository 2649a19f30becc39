<script lang="ts">
  import PageNav from '../../kit/PageNav.svelte';

  /** Where the pages of the print in hand are; without one there are only those about all of them. */
  const { of }: { of?: string } = $props();
  const ofOne = $derived(
    of
      ? [
          { href: of, name: 'Strips' },
          { href: `${of}/negative`, name: 'Negative' },
          { href: `${of}/readings`, name: 'Readings' },
          { href: `${of}/split`, name: 'Soft and hard' },
          { href: `${of}/flash`, name: 'Flash' },
          { href: `${of}/plan`, name: 'Plan' },
          { href: `${of}/edges`, name: 'Edges' },
          { href: `${of}/convert`, name: 'Another size' },
        ]
      : [],
  );
</script>

<PageNav
  label="Pages about prints"
  pages={[
    { href: '/print', name: 'Prints in hand' },
    ...ofOne,
    ...(of
      ? []
      : [
          { href: '/print/colour', name: 'Colour prints' },
          { href: '/print/two-negatives', name: 'Two negatives' },
          { href: '/print/practice', name: 'Practice' },
        ]),
    { href: '/print/proof', name: 'Proof' },
    { href: '/print/setup', name: 'Enlargers and papers' },
  ]}
/>
