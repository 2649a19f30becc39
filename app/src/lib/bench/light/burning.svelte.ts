import { getContext, onMount, setContext } from 'svelte';
import { keepList, keptList } from '../../kit/kept-list.ts';

const CONTEXT = Symbol('burning');
const KEY = 'katachron-burning';

/** A lamp that was lit on a page which may be left meanwhile. */
export interface Burning {
  /** The page that it is fired on. */
  readonly href: string;
  /** What lies under it. */
  readonly name: string;
  readonly litAtMs: number;
  readonly seconds: number;
  /** When somebody put it out, on another page. */
  readonly outAtMs?: number;
}

function isBurning(value: unknown): value is Burning {
  if (typeof value !== 'object' || value === null) return false;
  const { href, name, litAtMs, seconds, outAtMs } = value as Partial<Burning>;
  return (
    typeof href === 'string' &&
    href.startsWith('/') &&
    typeof name === 'string' &&
    Number.isFinite(litAtMs) &&
    Number.isFinite(seconds) &&
    (outAtMs === undefined || Number.isFinite(outAtMs))
  );
}

/** How long it burns yet at an instant, s; nothing once it is out. While it is counted in, all of it. */
export function burnsFor({ litAtMs, seconds, outAtMs }: Burning, nowMs: number): number {
  if (outAtMs !== undefined) return 0;
  return Math.max(0, seconds - Math.max(0, nowMs - litAtMs) / 1000);
}

/** The lamp of this browser, as every page and every tab of it knows it. */
export class BurningLamp {
  now = $state.raw<Burning>();
  #silence: () => void = () => undefined;

  takeUp = (): void => {
    this.now = keptList(KEY, isBurning).at(0);
  };

  lit(burning: Burning): void {
    this.#keep(burning);
  }

  /** Its page is left, and its cues go on. */
  leftWith(silence: () => void): void {
    this.#silence = silence;
  }

  /** Put out by hand, on another page than its own: that one counts what it gave. */
  putOut(): string | undefined {
    const { now } = this;
    this.hush();
    if (now) this.#keep({ ...now, outAtMs: Date.now() });
    return now?.href;
  }

  /** Its own page has it again, or it is over. */
  over(): void {
    this.hush();
    this.#keep(undefined);
  }

  hush(): void {
    this.#silence();
    this.#silence = () => undefined;
  }

  #keep(burning: Burning | undefined): void {
    this.now = burning;
    keepList(KEY, burning ? [burning] : []);
  }
}

export function provideBurning(): BurningLamp {
  const burning = setContext(CONTEXT, new BurningLamp());
  onMount(() => {
    burning.takeUp();
    const told = (event: StorageEvent) => {
      if (event.key === KEY) burning.takeUp();
    };
    addEventListener('storage', told);
    return () => removeEventListener('storage', told);
  });
  return burning;
}

export function useBurning(): BurningLamp {
  return getContext<BurningLamp>(CONTEXT);
}
