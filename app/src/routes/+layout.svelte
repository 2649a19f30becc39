<script lang="ts">
  import '../app.css';
  import { refresh } from '$lib/kit/refresh.ts';
  import { page } from '$app/state';
  import { onMount, untrack } from 'svelte';
  import { answers } from '$lib/kit/client.ts';
  import { USUAL_VOLUME } from '$lib/bench/desk/choices.ts';
  import { provideWetSide } from '$lib/bench/clock/wet-side.svelte.ts';
  import InsecureNote from '$lib/bench/desk/InsecureNote.svelte';
  import { provideBurning } from '$lib/bench/light/burning.svelte.ts';
  import Dark from '$lib/bench/light/Dark.svelte';
  import { keptPreferences, provideDesk } from '$lib/bench/desk/desk.svelte.ts';
  import LampBurns from '$lib/bench/light/LampBurns.svelte';
  import LightSwitch from '$lib/bench/light/LightSwitch.svelte';
  import RedNote from '$lib/bench/light/RedNote.svelte';
  import { tellShell } from '$lib/bench/light/shell.ts';
  import { keepInLight } from '$lib/bench/light/together.ts';
  import Sink from '$lib/bench/sink/Sink.svelte';
  import KeyList from '$lib/kit/keys/KeyList.svelte';
  import { provideKeys } from '$lib/kit/keys/keys.svelte.ts';
  import AskVerdict from '$lib/nouns/print/AskVerdict.svelte';

  const { data, children } = $props();

  /** Stages stand in the order of the work; one appears when it works. */
  const stages = [
    { href: '/', name: 'Tonight' },
    { href: '/film', name: 'Film' },
    { href: '/print', name: 'Print' },
    { href: '/chemistry', name: 'Chemistry' },
    { href: '/calibrate', name: 'Calibrate' },
    { href: '/logbook', name: 'Logbook' },
  ];

  // Made once, from what the first page came with.
  // svelte-ignore state_referenced_locally
  const desk = provideDesk({ ...(keptPreferences() ?? data.preferences) }, data.thermometers);
  // svelte-ignore state_referenced_locally
  const wetSide = provideWetSide(data.runs, data.nowMs);
  const keys = provideKeys();
  keepInLight(desk);
  provideBurning();

  const here = $derived(
    page.url.pathname === '/' || page.url.pathname.startsWith('/evening')
      ? stages[0]
      : stages.find(({ href }) => href !== '/' && page.url.pathname.startsWith(href)),
  );
  /** Pages that are read from two metres, or in the dark, have the window to themselves. */
  const WHOLE = [/^\/film\/run\//, /^\/print\/.+\/fire$/];
  const wholeWindow = $derived(
    page.status === 200 && WHOLE.some((path) => path.test(page.url.pathname)),
  );
  const sinkKind = $derived(
    here?.href === '/film' || page.url.pathname.startsWith('/logbook/rolls') ? 'film' : 'print',
  );

  /** Pages of the desk, where an empty sink only takes room. */
  const DESK = [
    '/logbook',
    '/calibrate',
    '/film/recipes',
    '/film/tanks',
    '/film/packet',
    '/film/clock',
    '/print/setup',
    '/chemistry/vessels',
    '/chemistry/cupboard',
  ];
  const deskPage = $derived(DESK.some((path) => page.url.pathname.startsWith(path)));

  /** Its faces are not here yet: a page that may still move under a finger takes no touch and no key. */
  let faceless = $state(false);
  /** Longer than this nobody waits for them, ms. */
  const FACES_MS = 3000;

  onMount(() => {
    faceless = document.fonts.status === 'loading';
    const faces = faceless ? document.fonts.ready : undefined;
    void Promise.race([faces, new Promise((late) => setTimeout(late, FACES_MS))]).then(() => {
      faceless = false;
      // From here on keys and clicks are heard.
      document.documentElement.dataset.ready = '';
    });
    const { preferences } = desk;
    return wetSide.start(() => ({
      soundOn: preferences.soundOn,
      volume: preferences.volume ?? USUAL_VOLUME,
      dark: desk.light === 'dark',
      // In the dark a voice, where there is one, stands in for the screen.
      spoken: preferences.spoken ?? desk.light === 'dark',
    }));
  });
  // A page that is kept for a lost server comes up in the light of now.
  $effect(() => tellShell({ light: desk.light, brightness: desk.preferences.brightness }));
  $effect(() => {
    desk.thermometers = data.thermometers;
  });
  $effect(() => {
    const { runs } = data;
    untrack(() => wetSide.sync(runs));
  });
  // What came out of its last bath was booked on the ledgers: the sink says what is left of them now.
  let lay = 0;
  $effect(() => {
    const lying = wetSide.sheets.length + wetSide.runs.length;
    if (wetSide.waiting > 0) return;
    untrack(() => {
      if (lying < lay) void askAnew();
      lay = lying;
    });
  });
  /** Only where somebody answers: a page that cannot be loaded anew would give way to an error. */
  async function askAnew() {
    if (await answers()) await refresh('katachron:sink');
  }
</script>

<svelte:window
  onkeydowncapture={(event) => faceless || keys.capture(event)}
  onkeydown={(event) => faceless || keys.handle(event)}
  onpointerdowncapture={(event) => keys.touch(event)}
/>

<div inert={desk.light === 'dark' || faceless || undefined}>
  <LampBurns />
  {#if wholeWindow}
    {@render children()}
  {:else}
    <div class="isolate flex min-h-dvh flex-col">
      <header
        class="not-printed flex flex-wrap items-center justify-between gap-x-1 px-2.5 pt-1 max-md:text-[15px] md:px-8 md:pt-1.5"
      >
        <nav
          class="flex items-center max-[359px]:text-[14px] max-[359px]:[font-stretch:75%] md:gap-x-[22px]"
          aria-label="Stages"
        >
          <a href="/" class="mr-[18px] hidden text-[17px] font-[650] md:block">Katachron</a>
          {#each stages as stage (stage.href)}
            <a
              href={stage.href}
              class="flex min-h-11 items-center border-b-[3px] border-transparent px-[5px] text-soft aria-[current]:border-rim aria-[current]:text-ink md:px-0"
              aria-current={stage === here ? 'page' : undefined}>{stage.name}</a
            >
          {/each}
        </nav>
        <LightSwitch />
      </header>
      <main class="flex-1 px-4 pb-6 pt-4 md:px-8 md:pt-5">
        <AskVerdict white={desk.light === 'white'} />
        <RedNote />
        <InsecureNote />
        {@render children()}
      </main>
      <Sink kind={sinkKind} recorded={data.recorded} standing={data.standing} quiet={deskPage} />
    </div>
  {/if}
  <KeyList />
</div>
{#if desk.light === 'dark'}
  <Dark />
{/if}
