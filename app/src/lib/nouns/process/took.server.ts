import { processRecord } from '@katachron/core';
import type { PaperBody } from '../paper/contract.ts';
import { trayEventsOf } from '../print/trays.server.ts';
import { prints } from '../print/store.server.ts';
import { traysOf } from '../print/tray-words.ts';
import { rolls } from '../roll/store.server.ts';
import { called } from '../../words/called.ts';
import { partsOf, type ProcessOf } from './parts.ts';

/** How long the parts of the work really took, as the logbook has it, s: by "roll.fix", or "print.wash.fibre". */
export async function tookInLogbook(
  papers: readonly PaperBody[],
): Promise<Record<string, number[]>> {
  const took: Record<string, number[]> = {};
  const add = (
    of: ProcessOf,
    record: ReturnType<typeof processRecord>,
    name: string,
    after = '',
  ) => {
    for (const { id, seconds, over } of partsOf(of, record, 0)) {
      // A developer's time is its recipe's.
      if (over && id !== 'develop') (took[`${name}.${id}${after}`] ??= []).push(seconds);
    }
  };
  const [runs, latest] = await Promise.all([rolls.developedRuns(), prints.latest()]);
  for (const { roll, events } of runs) add('film', processRecord(roll.plan, events), 'roll');
  const sheets = latest.flatMap(({ setup, sheets: of }) =>
    of.map(({ id }) => ({ id, paper: setup.paper })),
  );
  const events = await trayEventsOf(sheets.map(({ id }) => id));
  for (const { id, paper } of sheets) {
    const happened = events[id];
    if (!happened) continue;
    const base = called(papers, paper)?.base;
    const record = processRecord(traysOf(base, happened), happened);
    add('print', record, 'print', base === 'fibre' ? '.fibre' : '');
  }
  return took;
}
