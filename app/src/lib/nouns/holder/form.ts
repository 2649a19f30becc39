import type { FilmFormatId } from '@katachron/core';
import type { Read } from '../../kit/kept-form.svelte.ts';
import { needed } from '../../kit/form.ts';
import { attempt } from '../../words/attempt.ts';
import type { HolderBody } from './contract.ts';

/** A holder as it is being typed. */
export interface HolderForm {
  name: string;
  note: string;
  format: FilmFormatId;
  /** Places from the left, from 1. */
  notches: number[];
}

/** A holder as it would have been typed; an empty form where there is none. */
export const holderForm = (holder?: HolderBody): HolderForm => ({
  name: holder?.name ?? '',
  note: holder?.note ?? '',
  format: holder?.format ?? 'four-by-five',
  notches: [...(holder?.notches ?? [])],
});

/** Reads the form: the holder, or what is wrong with each field. */
export function readHolder(form: HolderForm): Read<HolderBody, { name?: string }> {
  const name = attempt(() => needed(form.name, 'Give it a code, as F3.'));
  if (name.trouble !== undefined) return { troubles: { name: name.trouble } };
  const note = form.note.trim();
  return {
    body: {
      name: name.value!,
      format: form.format,
      notches: [...form.notches].sort((a, b) => a - b),
      ...(note && { note }),
    },
  };
}
