import { createForm, revalidateLogic } from '@tanstack/svelte-form';

/** What a form's values amount to: something to keep, or what is wrong with each field. */
export interface Read<Body, Troubles> {
  readonly body?: Body | undefined;
  readonly troubles?: Troubles | undefined;
}

interface Options<Values, Body, Troubles> {
  readonly initial: Values;
  readonly read: (values: Values) => Read<Body, Troubles>;
  /** Keeps it; what it answers is what is wrong. */
  readonly keep: (body: Body) => Promise<string | undefined>;
}

/** Where the values stand, and how one is set by its path. */
interface Source {
  readonly at: (path: readonly string[]) => unknown;
  readonly set: (path: readonly string[], value: unknown) => void;
}

/** The values as if they were a plain object, at any depth, so that a field binds to one; lists are set whole. */
function written<Values extends object>(source: Source, path: readonly string[] = []): Values {
  const here = () => source.at(path) as object;
  return new Proxy({} as Values, {
    get: (_, part) => {
      const value: unknown = Reflect.get(here(), part);
      const inner = typeof value === 'object' && value !== null && !Array.isArray(value);
      return inner ? written(source, [...path, String(part)]) : value;
    },
    set: (_, part, value) => {
      source.set([...path, String(part)], value);
      return true;
    },
    has: (_, part) => Reflect.has(here(), part),
    ownKeys: () => Reflect.ownKeys(here()),
    getOwnPropertyDescriptor: (_, part) => {
      const found = Reflect.getOwnPropertyDescriptor(here(), part);
      return found && { ...found, configurable: true };
    },
  });
}

/** To the first field that is wrong, in the middle of the screen: the buttons stand over the lowest part of it. */
const firstTrouble = () =>
  setTimeout(() => {
    const field = document.querySelector<HTMLElement>('[aria-invalid="true"]');
    field?.focus({ preventScroll: true });
    field?.scrollIntoView({ block: 'center' });
  });

/**
 * A form that writes one thing: it says what is wrong only once somebody tried to keep it, from then on at every change, and
 * loses nothing that was typed.
 */
export function keptForm<Values extends object, Body, Troubles extends object>({
  initial,
  read,
  keep,
}: Options<Values, Body, Troubles>) {
  let problem = $state<string>();
  const form = createForm(() => ({
    defaultValues: initial,
    validationLogic: revalidateLogic(),
    validators: {
      onDynamic({ value }: { value: Values }): unknown {
        const { body, troubles } = read(value);
        return body === undefined ? troubles : undefined;
      },
    },
    onSubmitInvalid: () => {
      problem = undefined;
      firstTrouble();
    },
    onSubmit: async ({ value }: { value: Values }) => {
      const { body } = read(value);
      if (body !== undefined) problem = await keep(body);
    },
  }));
  const values = form.useSelector((state) => state.values);
  const wrong = form.useSelector((state) => state.errorMap.onDynamic);
  const setValue = form.setFieldValue as (path: string, value: unknown) => void;
  const fields = written<Values>({
    at: (path) =>
      path.reduce<unknown>((part, key) => Reflect.get(part as object, key), values.current),
    set: (path, value) => {
      setValue(path.join('.'), value);
      void form.validate('change');
    },
  });
  return {
    fields,
    get problem() {
      return problem;
    },
    /** What is wrong, by field. */
    get troubles(): Partial<Troubles> {
      return (wrong.current as Troubles | undefined) ?? {};
    },
    /** Keeps what the form amounts to, or goes to the first field that is wrong. */
    async submit(event?: SubmitEvent): Promise<void> {
      event?.preventDefault();
      await form.handleSubmit();
    },
    /** Another thing in the form: nobody tried to keep it yet. */
    begin(anew: Values): void {
      problem = undefined;
      form.reset(anew);
    },
  };
}
