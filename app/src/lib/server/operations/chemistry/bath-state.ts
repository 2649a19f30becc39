import { bathState } from '@katachron/core';
import Type from 'typebox';
import { instantMs } from '../../../kit/fields.ts';
import { BathEntry, BathFacts } from '../../../nouns/bath/ledger.ts';
import { operation } from '../operation.ts';

const DAY_MS = 86_400_000;
const MIXED_AT_MS = 1_768_032_000_000;
const share = Type.Optional(Type.Number());

export const bathStateOperation = operation({
  id: 'bath-state',
  summary: 'A ledger in; age, what is used and what is left out',
  request: Type.Object(
    {
      bath: BathFacts,
      entries: Type.Array(BathEntry, { title: 'What happened to it', maxItems: 2000 }),
      nowMs: instantMs('The instant asked about'),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    verdict: Type.String(),
    volumeMl: Type.Number(),
    filmCm2: Type.Number(),
    paperCm2: Type.Number(),
    ...{ used: share, usedByFilm: share, usedByPaper: share, age: share },
    ...{ leftFilmCm2: share, leftPaperCm2: share, keepsUntilMs: share },
    failed: Type.Array(Type.String()),
  }),
  example: {
    request: {
      bath: {
        ...{ volumeMl: 2000, mixedAtMs: MIXED_AT_MS },
        ...{ filmCm2PerLitre: 4644, paperCm2PerLitre: 32_000 },
      },
      entries: [
        { kind: 'film', atMs: MIXED_AT_MS + DAY_MS, areaCm2: 3096 },
        { kind: 'paper', atMs: MIXED_AT_MS + 2 * DAY_MS, areaCm2: 7225.8 },
      ],
      nowMs: MIXED_AT_MS + 3 * DAY_MS,
    },
    response: {
      ...{ verdict: 'fresh', volumeMl: 2000, filmCm2: 3096, paperCm2: 7225.8 },
      ...{ used: 0.4462, usedByFilm: 0.3333, usedByPaper: 0.1129 },
      ...{ leftFilmCm2: 5143.4, leftPaperCm2: 35_440.9, failed: [] },
    },
  },
  run: ({ bath, entries, nowMs }) => {
    const state = bathState(bath, entries, nowMs);
    return { ...state, failed: [...state.failed] };
  },
});
