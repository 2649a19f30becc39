import { stepKind, type ProcessEvent, type ProcessPlan } from '@katachron/core';

/** A time as it is spoken: "5 minutes 30". */
export function spokenTime(seconds: number): string {
  const whole = Math.round(seconds);
  const minutes = Math.floor(whole / 60);
  const rest = whole % 60;
  if (minutes === 0) return `${rest} seconds`;
  return `${minutes} minute${minutes === 1 ? '' : 's'}${rest > 0 ? ` ${rest}` : ''}`;
}

/** What is said when a bath went in, was left out, or the run is over; nothing for anything else. */
export function pouredWords(plan: ProcessPlan, event: ProcessEvent): string | undefined {
  if (event.kind === 'finished') return 'Done.';
  if (event.kind !== 'poured-in') return undefined;
  const step = plan.steps.find(({ id }) => id === event.stepId);
  return step && `${stepKind(step.kind).name}, ${spokenTime(step.seconds)}.`;
}
