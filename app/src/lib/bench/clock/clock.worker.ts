import { cuesBetween } from '@katachron/core';
import { CUE_BEFORE_MS, CUE_WINDOW_MS, type ClockTick, type Clocked } from './messages.ts';
import { nextTickMs } from './next-tick.ts';

/**
 * Keeps time where the browser does not slow timers down when the tab is hidden. It only follows the process: the core
 * says what is due, from the plan and the events.
 */
let processes: readonly Clocked[] = [];
let timer: ReturnType<typeof setTimeout> | undefined;

function tick(): void {
  const nowMs = Date.now();
  const cues = processes.flatMap(({ id, plan, events }) =>
    cuesBetween(plan, events, nowMs - CUE_BEFORE_MS, nowMs + CUE_WINDOW_MS).map((cue) => ({
      ...cue,
      id: `${id}:${cue.id}`,
    })),
  );
  postMessage({ nowMs, cues } satisfies ClockTick);
  clearTimeout(timer);
  timer = setTimeout(tick, nextTickMs(processes, Date.now()));
}

onmessage = ({ data }: MessageEvent<readonly Clocked[]>) => {
  processes = data;
  tick();
};

tick();
