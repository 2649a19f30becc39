import { format, getMonth, startOfDay } from 'date-fns';
import { max, mean, scaleLinear, sum } from 'd3';

/** A print as the figures of a year ask for it. */
export interface PrintMade {
  readonly madeAtMs: number;
  readonly strips: number;
  readonly sheets: readonly {
    readonly exposedAtMs: number;
    readonly lightSeconds: number;
    readonly areaCm2?: number;
  }[];
}

export interface YearMonth {
  readonly name: string;
  readonly prints: number;
  /** On the average; not there for a month without prints. */
  readonly strips?: number;
  readonly sheets?: number;
  /** Where its middle, its strips' bar and its sheets' bar stand across the chart, and their heights, per cent. */
  readonly middle: number;
  readonly stripsAt: number;
  readonly sheetsAt: number;
  readonly stripsHigh: number;
  readonly sheetsHigh: number;
}

export interface YearView {
  readonly prints: number;
  /** For a finished print, on the average. */
  readonly strips?: number;
  readonly sheets?: number;
  /** Falling or not, in a sentence. */
  readonly trend?: string;
  readonly sentences: readonly string[];
  readonly months: readonly YearMonth[];
  readonly up: readonly { readonly y: number; readonly label: string }[];
  /** The chart in a sentence, for those who cannot see it. */
  readonly said: string;
}

const MONTHS = 12;
/** Of a month's width of the chart: where its two bars begin. */
const [STRIPS_AT, SHEETS_AT] = [0.17, 0.53];
/** With fewer prints than this in each half of them a mean says nothing of the other. */
const LEAST_FOR_TREND = 3;
/** Less than this is the luck of a few prints, strips a print. */
const SAME = 0.2;
const CM2_IN_M2 = 10_000;

const one = (value: number) => value.toFixed(1);

/** The first prints of a year against its last ones. */
function trendOf(prints: readonly PrintMade[]): string {
  const half = Math.floor(prints.length / 2);
  if (half < LEAST_FOR_TREND) return 'Too few prints yet to say whether that falls.';
  const stripsOf = (some: readonly PrintMade[]) => mean(some, ({ strips }) => strips) ?? 0;
  const [before, after] = [stripsOf(prints.slice(0, half)), stripsOf(prints.slice(-half))];
  const way =
    Math.abs(after - before) < SAME ? 'Much the same' : after < before ? 'Falling' : 'Rising';
  return `${way}: ${one(before)} strips a print in the first half of them, ${one(after)} in the second.`;
}

/** Days on which paper was exposed, and the hours between their first and last sheet. */
function timeWords(sheets: readonly PrintMade['sheets'][number][]): string[] {
  const days = new Map<number, number[]>();
  for (const { exposedAtMs } of sheets) {
    const day = startOfDay(exposedAtMs).getTime();
    days.set(day, [...(days.get(day) ?? []), exposedAtMs]);
  }
  if (days.size === 0) return [];
  const hours = sum([...days.values()], (at) => (Math.max(...at) - Math.min(...at)) / 3_600_000);
  const light = sum(sheets, ({ lightSeconds }) => lightSeconds) / 60;
  const between = hours < 0.05 ? '' : `${one(hours)} hours between their first and last sheets; `;
  const on = `On ${days.size} ${days.size === 1 ? 'day' : 'days'}`;
  return [`${on}: ${between}${one(light)} minutes of light on them.`];
}

function paperWords(sheets: readonly PrintMade['sheets'][number][], strips: number): string {
  const known = sheets.filter(({ areaCm2 }) => areaCm2 !== undefined);
  const area = sum(known, ({ areaCm2 }) => areaCm2 ?? 0) / CM2_IN_M2;
  const count = `${sheets.length} ${sheets.length === 1 ? 'sheet' : 'sheets'}, ${strips} strips`;
  if (known.length === 0) return `${count}. Of no sheet the size is written down.`;
  const of = known.length === sheets.length ? '' : ` in the ${known.length} whose size is known`;
  return `${count}; ${area.toFixed(2)} m² of paper${of}, strips not counted.`;
}

/** A year in figures that matter to a printer. */
export function yearView(prints: readonly PrintMade[]): YearView {
  const finished = prints.filter(({ sheets }) => sheets.length > 0);
  const stripsOf = (some: readonly PrintMade[]) => mean(some, ({ strips }) => strips);
  const sheetsOf = (some: readonly PrintMade[]) => mean(some, ({ sheets }) => sheets.length);
  const byMonth = Array.from({ length: MONTHS }, (_, month) =>
    finished.filter(({ madeAtMs }) => getMonth(madeAtMs) === month),
  );
  const most = max(byMonth, (some) => Math.max(stripsOf(some) ?? 0, sheetsOf(some) ?? 0)) ?? 0;
  const high = scaleLinear()
    .domain([0, Math.max(1, most)])
    .nice()
    .range([0, 100]);
  const months = byMonth.map((some, month): YearMonth => {
    const [strips, sheets] = [stripsOf(some), sheetsOf(some)];
    const across = (into: number) => ((month + into) / MONTHS) * 100;
    return {
      ...{ name: format(new Date(2001, month, 1), 'MMM'), prints: some.length },
      ...(strips !== undefined && { strips }),
      ...(sheets !== undefined && { sheets }),
      ...{ middle: across(0.5), stripsAt: across(STRIPS_AT), sheetsAt: across(SHEETS_AT) },
      ...{ stripsHigh: high(strips ?? 0), sheetsHigh: high(sheets ?? 0) },
    };
  });
  const allSheets = finished.flatMap(({ sheets }) => sheets);
  const [strips, sheets] = [stripsOf(finished), sheetsOf(finished)];
  return {
    prints: finished.length,
    ...(strips !== undefined && { strips }),
    ...(sheets !== undefined && { sheets }),
    ...(finished.length > 0 && { trend: trendOf(finished) }),
    sentences:
      finished.length === 0
        ? []
        : [
            paperWords(
              allSheets,
              sum(finished, (print) => print.strips),
            ),
            ...timeWords(allSheets),
          ],
    months,
    up: high.ticks(4).map((value) => ({ y: 100 - high(value), label: String(value) })),
    said: months
      .flatMap(({ name, prints: many, strips: each, sheets: paper }) =>
        each === undefined
          ? []
          : [`${name}: ${many} prints, ${one(each)} strips and ${one(paper ?? 0)} sheets each`],
      )
      .join('; '),
  };
}
