import type { LampTimer } from './lamp-timer.ts';

/** Stands in for a lamp timer: it tells when its lamp would be on. */
export class SimulatedLampTimer implements LampTimer {
  readonly name = 'simulated lamp timer';
  #pending: ReturnType<typeof setTimeout>[] = [];
  #lit = false;

  constructor(readonly onChange: (lit: boolean, atMs: number) => void) {}

  fire(atMs: number, seconds: number): void {
    this.stop();
    const after = (ms: number, lit: boolean) =>
      setTimeout(() => this.#switch(lit), Math.max(0, ms - Date.now()));
    this.#pending = [after(atMs, true), after(atMs + seconds * 1000, false)];
  }

  focus(on: boolean): void {
    this.stop();
    if (on) this.#switch(true);
  }

  stop(): void {
    this.#pending.forEach(clearTimeout);
    this.#pending = [];
    if (this.#lit) this.#switch(false);
  }

  #switch(lit: boolean): void {
    this.#lit = lit;
    this.onChange(lit, Date.now());
  }
}
