import { cuesBetween } from '@katachron/core';
import { CUE_BEFORE_MS, CUE_WINDOW_MS, type ClockTick, type Clocked } from './messages.ts';

/**
 * Keeps time where the browser does not slow timers down when the tab is hidden. It only follows the process: the core
 * says what is due, from the plan and the events.
 */
const TICK_MS = 100;

let processes: readonly Clocked[] = [];

function tick(): void {
  const nowMs = Date.now();
  const cues = processes.flatMap(({ id, plan, events }) =>
    cuesBetween(plan, events, nowMs - CUE_BEFORE_MS, nowMs + CUE_WINDOW_MS).map((cue) => ({
      ...cue,
      id: `${id}:${cue.id}`,
    })),
  );
  postMessage({ nowMs, cues } satisfies ClockTick);
}

onmessage = ({ data }: MessageEvent<readonly Clocked[]>) => {
  processes = data;
  tick();
};

setInterval(tick, TICK_MS);
