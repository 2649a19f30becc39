import { sameName } from './same-name.ts';

/** What has a name now, and had others: records keep the name as it was, and find it all the same. */
export interface Named {
  readonly name: string;
  readonly formerNames?: readonly string[] | undefined;
}

/** The things of a darkroom that records name. */
export interface NamedShelves {
  readonly papers?: readonly Named[];
  readonly enlargers?: readonly Named[];
}

/** What is called so, or was: whoever bears a name now comes before whoever bore it once. */
export function called<Thing extends Named>(
  things: readonly Thing[],
  name: string,
): Thing | undefined {
  return (
    things.find((one) => sameName(one.name, name)) ??
    things.find(({ formerNames = [] }) => formerNames.some((one) => sameName(one, name)))
  );
}

/** Do two names mean the same thing, one of them perhaps as it was called before? */
export function sameThing(things: readonly Named[], a: string, b: string): boolean {
  if (sameName(a, b)) return true;
  const one = called(things, a);
  return one !== undefined && one === called(things, b);
}

/** What a thing is called now; the name itself where no thing is called so. */
export const nameNow = (things: readonly Named[], name: string): string =>
  called(things, name)?.name ?? name;

/** All that a thing is and was called; the name itself where no thing is called so. */
export function namesOf(things: readonly Named[], name: string): readonly string[] {
  const one = called(things, name);
  return one ? [one.name, ...(one.formerNames ?? [])] : [name];
}

/** More names than this nothing had. */
export const MOST_FORMER_NAMES = 20;

/** The names that a thing had before the one that it is given now. */
export function formerNames(before: Named | undefined, now: Named): readonly string[] {
  const had = [
    ...(before ? [before.name, ...(before.formerNames ?? [])] : []),
    ...(now.formerNames ?? []),
  ];
  return had
    .filter(
      (name, at) => !sameName(name, now.name) && had.findIndex((one) => sameName(one, name)) === at,
    )
    .slice(0, MOST_FORMER_NAMES);
}

/** "Called Tarn fibre before: what was kept under that name counts here."; nothing where it had no other. */
export const formerWords = ({ formerNames: names = [] }: Partial<Named> = {}): string =>
  names.length > 0
    ? `Called ${names.join(', ')} before: what was kept under that name counts here.`
    : '';
