import { contrastSet, filmFormats, settingOf, type ContrastSetId } from '@katachron/core';
import { format } from 'date-fns';
import { paperSizes } from '../../nouns/paper/sizes.ts';
import { attempt } from '../../words/attempt.ts';
import { entryKinds, narrowingOf, narrowings, type Narrowing } from '../../nouns/logbook/asked.ts';

/** "filters:2.5" as "filter 2½", "ei:400" as "EI 400". */
export function settingName(setting: string): string {
  const [set = '', id = ''] = setting.split(':');
  if (set === 'ei') return `EI ${id}`;
  const found = attempt(() => {
    const { noun, ...rest } = contrastSet(set as ContrastSetId);
    return `${noun} ${settingOf({ noun, ...rest }, id).name}`;
  });
  return found.value ?? setting;
}

/** A size of paper or a format of film by its name. */
export function sizeName(id: string): string {
  return [...paperSizes, ...filmFormats].find((size) => size.id === id)?.name ?? id;
}

const day = (text: string) => attempt(() => format(`${text}T00:00`, 'd MMM yyyy')).value ?? text;

/** How each narrowing is said. */
const words: Record<keyof Narrowing, (value: string) => string> = {
  kind: (id) => entryKinds.find((kind) => kind.id === id)?.name.toLowerCase() ?? id,
  on: (name) => `on ${name}`,
  setting: settingName,
  size: sizeName,
  from: (text) => `from ${day(text)}`,
  to: (text) => `to ${day(text)}`,
  tag: (tag) => `tagged ${tag}`,
};

/** "prints, on Marrow fibre, from 3 Jan 2026"; empty where nothing is narrowed. */
export function narrowedWords(asked: Narrowing): string {
  const narrowed = narrowingOf(asked);
  return narrowings
    .flatMap((part) => (narrowed[part] ? [words[part](narrowed[part])] : []))
    .join(', ');
}
