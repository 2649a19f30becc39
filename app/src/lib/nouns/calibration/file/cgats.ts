import { MOST_COLUMNS, MOST_PATCHES, densityOf, refused, type DensityColumn } from './columns.ts';

interface Word {
  readonly text: string;
  readonly line: number;
}

/** Fields that hold densities: ISO status densities by filter, and the visual one. */
const DENSITY = /^D_(VIS|RED|GREEN|BLUE|MAJOR_FILTER|CYAN|MAGENTA|YELLOW|BLACK)$/;
/** What a field of the visual density is called by others. */
const VISUAL = 'D_VIS';
/** Words of a line, quoted ones whole; from a # on a line is a remark. */
const WORD = /"((?:[^"]|"")*)"|#.*|[^\s"#]+|"/g;

function wordsOf(text: string): Word[] {
  return text.split(/\r\n?|\n/).flatMap((content, index) => {
    const line = index + 1;
    return [...content.matchAll(WORD)].flatMap(([whole, quoted]) => {
      if (whole.startsWith('#')) return [];
      if (whole === '"') return refused(line, 'a quotation mark is not closed.');
      return [{ text: quoted ?? whole, line }];
    });
  });
}

/** The words between two marks; nothing where the first of them is not there. */
function between(words: readonly Word[], begin: string, end: string): readonly Word[] | undefined {
  const from = words.findIndex(({ text }) => text === begin);
  if (from < 0) return undefined;
  const to = words.findIndex(({ text }, at) => at > from && text === end);
  if (to < 0) refused(words[from]!.line, `${begin} stands there, and no ${end} after it.`);
  return words.slice(from + 1, to);
}

/** What a keyword says: the word behind it. */
const said = (words: readonly Word[], keyword: string): Word | undefined => {
  const at = words.findIndex(({ text }) => text === keyword);
  return at < 0 ? undefined : words[at + 1];
};

export const looksLikeCgats = (text: string): boolean =>
  /^\s*(CGATS|IT8)/.test(text) || /^\s*BEGIN_DATA(_FORMAT)?\s*$/m.test(text);

/**
 * Densities of a CGATS.17 text file: its first table, the visual densities where it has them, otherwise every field of
 * densities that it has.
 */
export function readCgats(text: string): DensityColumn[] {
  const words = wordsOf(text);
  const format = between(words, 'BEGIN_DATA_FORMAT', 'END_DATA_FORMAT');
  if (!format || format.length === 0) {
    return refused(
      0,
      'The file does not say its fields: there is no BEGIN_DATA_FORMAT with names behind it.',
    );
  }
  if (format.length > 200) return refused(format[0]!.line, 'it has more fields than a table has.');
  const names = format.map(({ text: name }) => name.toUpperCase());
  const twice = names.find((name, at) => names.indexOf(name) !== at);
  if (twice) return refused(format[0]!.line, `the field ${twice.slice(0, 30)} is there twice.`);
  const told = said(words, 'NUMBER_OF_FIELDS');
  if (told && Number(told.text) !== names.length) {
    return refused(
      told.line,
      `it says ${told.text.slice(0, 10)} fields, and names ${names.length} of them.`,
    );
  }
  const fields = names.filter((name) => DENSITY.test(name));
  const wanted = fields.includes(VISUAL) ? [VISUAL] : fields;
  if (wanted.length === 0) {
    return refused(
      format[0]!.line,
      `none of its fields is a density, as ${VISUAL}: it has ${names.slice(0, 6).join(', ').slice(0, 80)}.`,
    );
  }
  const data = between(words, 'BEGIN_DATA', 'END_DATA');
  if (!data) return refused(0, 'The file has no BEGIN_DATA: there are no densities in it.');
  if (data.length === 0) return refused(0, 'Between BEGIN_DATA and END_DATA there is nothing.');
  if (data.length % names.length !== 0) {
    return refused(
      data.at(-1)!.line,
      `the data do not come out even: ${data.length} values in rows of ${names.length}.`,
    );
  }
  const sets = data.length / names.length;
  if (sets > MOST_PATCHES)
    return refused(data[0]!.line, `it has more than ${MOST_PATCHES} patches.`);
  const counted = said(words, 'NUMBER_OF_SETS');
  if (counted && Number(counted.text) !== sets) {
    return refused(
      counted.line,
      `it says ${counted.text.slice(0, 10)} patches, and ${sets} stand there.`,
    );
  }
  return wanted.slice(0, MOST_COLUMNS).map((name) => {
    const at = names.indexOf(name);
    return {
      name,
      values: Array.from({ length: sets }, (_, set) => {
        const word = data[set * names.length + at]!;
        return densityOf(word.text, word.line);
      }),
    };
  });
}

const quoted = (words: string) => `"${words.replaceAll('"', '""').replace(/[\r\n]+/g, ' ')}"`;

/** One column as a CGATS.17 text file. */
export function writeCgats(
  { name, values }: DensityColumn,
  about: { readonly descriptor: string; readonly created: string },
): string {
  return [
    'CGATS.17',
    'ORIGINATOR "Katachron"',
    `FILE_DESCRIPTOR ${quoted(`${about.descriptor}, ${name}`)}`,
    `CREATED ${quoted(about.created)}`,
    'NUMBER_OF_FIELDS 2',
    'BEGIN_DATA_FORMAT',
    'SAMPLE_ID D_VIS',
    'END_DATA_FORMAT',
    `NUMBER_OF_SETS ${values.length}`,
    'BEGIN_DATA',
    ...values.map((value, index) => `${index + 1} ${value.toFixed(3)}`),
    'END_DATA',
    '',
  ].join('\r\n');
}
