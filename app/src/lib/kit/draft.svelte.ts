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
  /** What is left out of it first, where it would be more. */
  readonly firstToGo: readonly (keyof Draft & string)[];
}

const emptied = (value: unknown) =>
  typeof value === 'string'
    ? ''
    : Array.isArray(value)
      ? []
      : typeof value === 'object'
        ? {}
        : value;
const isEmpty = (value: unknown) =>
  value === '' || (typeof value === 'object' && value !== null && Object.keys(value).length === 0);
const isPlain = (value: unknown): value is object => typeof value === 'object' && value !== null;

/** As much of a draft as its cookie may hold: parts that it has no room for are there, and empty. */
function keepFirstPaint<Draft extends object>(
  name: string,
  draft: Draft,
  { most, firstToGo }: CookiePart<Draft>,
): void {
  let part = draft;
  for (const gone of firstToGo) {
    if (keepInCookie(name, part, most)) return;
    if (part[gone] !== undefined) part = { ...part, [gone]: emptied(part[gone]) };
  }
  keepInCookie(name, part, most);
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
      for (const part of cookie.firstToGo) {
        const kept = left?.[part];
        const alike =
          typeof kept === typeof draft[part] && Array.isArray(kept) === Array.isArray(draft[part]);
        if (isEmpty(draft[part]) && kept !== undefined && alike) draft[part] = kept;
      }
    }
    const whole = $state.snapshot(draft) as Draft;
    keepList(name, [whole]);
    keepFirstPaint(name, whole, cookie);
  });
  return draft;
}
