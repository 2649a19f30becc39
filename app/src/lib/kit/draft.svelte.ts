import { keepInCookie } from './cookie.ts';
import { keepList, keptList } from './kept-list.ts';

/** Another draft in the place of this one; what it does not have is gone. */
export function replaceDraft<Draft extends object>(draft: Draft, next: Draft): void {
  for (const part of Object.keys(draft)) {
    if (!(part in next)) Reflect.deleteProperty(draft, part);
  }
  Object.assign(draft, next);
}

/** What of a draft the first paint can do without. */
export interface CookiePart<Draft> {
  /** The most that the cookie may take, name counted, bytes. */
  readonly most: number;
  /** Parts that go first where it would be more, each with what it is when it is empty. */
  readonly firstToGo: readonly (readonly [keyof Draft & string, '' | object])[];
  /** Those of them without which it is no draft: they stay, and are empty. */
  readonly needed: readonly (keyof Draft)[];
}

const isBlank = (value: unknown) =>
  value === undefined ||
  value === '' ||
  (typeof value === 'object' && value !== null && Object.keys(value).length === 0);
const isPlain = (value: unknown): value is object => typeof value === 'object' && value !== null;
const alike = (a: unknown, b: unknown) =>
  a !== null && typeof a === typeof b && Array.isArray(a) === Array.isArray(b);

/**
 * Keeps as much of a draft as its cookie may hold.
 * @returns false when not even what is left fits; what was kept before stays
 */
export function keepFirstPaint<Draft extends object>(
  name: string,
  draft: Draft,
  { most, firstToGo, needed }: CookiePart<Draft>,
): boolean {
  const part: Partial<Draft> = { ...draft };
  for (const [gone, empty] of firstToGo) {
    if (keepInCookie(name, part, most)) return true;
    if (needed.includes(gone)) part[gone] = empty as Draft[typeof gone];
    else Reflect.deleteProperty(part, gone);
  }
  return keepInCookie(name, part, most);
}

/**
 * A page as it is being filled in. Every change is kept in this browser, so that a reload, or a look at another page,
 * loses nothing that was typed; its cookie holds what the first paint needs.
 */
export function draftOf<Draft extends object>(
  name: string,
  initial: Draft,
  cookie: CookiePart<Draft>,
): Draft {
  const draft = $state(initial);
  let mended = false;
  $effect(() => {
    if (!mended) {
      mended = true;
      const [left] = keptList(name, isPlain) as Partial<Draft>[];
      for (const [part, empty] of cookie.firstToGo) {
        const kept = left?.[part];
        if (kept !== undefined && isBlank(draft[part]) && alike(kept, empty)) draft[part] = kept;
      }
    }
    const whole = $state.snapshot(draft) as Draft;
    keepList(name, [whole]);
    keepFirstPaint(name, whole, cookie);
  });
  return draft;
}
