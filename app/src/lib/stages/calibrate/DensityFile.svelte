<script lang="ts">
  import { send } from '../../kit/client.ts';
  import type { ReadColumn } from './grid-shape.ts';
  import { readText } from '../../kit/read-text.ts';

  interface Props {
    onread: (columns: readonly ReadColumn[]) => void;
    problem: string | undefined;
  }
  let { onread, problem = $bindable() }: Props = $props();
  const id = $props.id();

  async function choose(event: Event & { currentTarget: HTMLInputElement }) {
    const input = event.currentTarget;
    const [file] = input.files ?? [];
    if (!file) return;
    problem = undefined;
    const { text } = readText(await file.arrayBuffer());
    // The same file may be chosen again once it was mended.
    input.value = '';
    const outcome = await send<{ columns: ReadColumn[] }>(
      '/api/v1/densities/read',
      text,
      'text/plain',
    );
    problem = outcome.problem?.detail;
    if (outcome.value) onread(outcome.value.columns);
  }
</script>

<label
  class="slot-in inline-flex min-h-11 cursor-pointer items-center font-[600] focus-within:outline-2"
  for={id}
  >From a file, CGATS.17 or CSV<input
    {id}
    class="sr-only"
    type="file"
    accept=".txt,.csv,.cgats,.it8,text/plain,text/csv"
    onchange={choose}
  /></label
>
