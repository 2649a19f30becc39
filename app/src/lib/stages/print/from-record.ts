import { type PrintDraft } from '../../nouns/in-hand/draft.ts';
import { newDraft } from '../../nouns/in-hand/begin.ts';
import type { Print } from '../../nouns/print/contract.ts';
import { typedStrip } from '../../nouns/strip/typed.ts';
import { plainStops } from '../../words/fraction.ts';
import { typedAmount } from './area-amount.ts';
import { typedReadings } from './read-places.ts';

/** A print as it was worked out, from what the logbook has of it: set-up, every strip with its picks, versions and sheets. */
export function draftFrom(print: Print): PrintDraft {
  const { setup, strips, versions, sheets, readings } = print;
  const last = strips.at(-1);
  const version = versions.at(-1)!;
  const usual = newDraft();
  const strip = last && {
    settingId: last.settingId,
    ...typedStrip(last.choices),
    // The last look is what stands on the ruler.
    highlight: (last.again?.findLast((look) => look.highlight) ?? last).highlight?.position ?? null,
    shadow: (last.again?.findLast((look) => look.shadow) ?? last).shadow?.position ?? null,
  };
  const toneOf = (place: 'highlight' | 'shadow') =>
    strips.findLast((one) => one[place])?.[place]?.tone;
  return {
    ...usual,
    title: print.title,
    negative: setup.negative,
    enlarger: setup.enlarger,
    lens: setup.lens,
    head: setup.head,
    paper: setup.paper,
    ...(setup.paperSize && { paperSize: setup.paperSize }),
    contrastSetId: setup.contrastSetId,
    settingId: version.settingId,
    lag: String(setup.lamp.lagSeconds),
    timerStep: String(setup.lamp.timerStepSeconds),
    ...strip,
    highlightTone: toneOf('highlight') ?? readings?.highlight.tone ?? usual.highlightTone,
    shadowTone: toneOf('shadow') ?? readings?.shadow.tone ?? usual.shadowTone,
    ...(readings && { readings: typedReadings(readings, version.settingId) }),
    ...(last?.way && { lookedAt: last.way }),
    ...(print.picture && { picture: print.picture }),
    // As it was made, whatever was learned of drying since.
    dryDown: version.dryDown ?? false,
    ...(version.change && { change: version.change }),
    ...(last?.lamp && { stripLag: String(last.lamp.lagSeconds) }),
    earlier: strips
      .slice(0, -1)
      .map(({ settingId, choices, highlight, shadow, lamp, way, again }) => ({
        ...{ settingId, choices, highlight, shadow },
        lamp: lamp ?? setup.lamp,
        ...(way && { way }),
        ...(again && { again }),
      })),
    areas: version.areas.map(({ stops, widerStops, ...area }) => ({
      ...area,
      stops: typedAmount(stops),
      ...(widerStops !== undefined && { wider: plainStops(widerStops) }),
    })),
    ...(version.keyLineSeconds !== undefined && { keyLine: String(version.keyLineSeconds) }),
    versions,
    sheets,
  };
}

/** The same print as one of its own: other negatives of a row, another size. It has no sheets yet. */
export function copyOf(draft: PrintDraft): PrintDraft {
  const {
    versions: _versions,
    sheets: _sheets,
    firing: _firing,
    pieces: _pieces,
    testPaper: _testPaper,
    takenUpAtMs: _at,
    ...rest
  } = draft;
  return { ...rest, title: draft.title === '' ? '' : `${draft.title}, copy`.slice(0, 120) };
}
