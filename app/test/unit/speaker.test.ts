import type { Cue } from '@katachron/core';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Speaker } from '../../src/lib/bench/clock/speaker.ts';

/** A beep on the timeline of a stand-in for the hardware, whose clock may slip against the wall clock. */
interface Laid {
  readonly at: number;
  taken: boolean;
}
let laid: Laid[] = [];
/** How far the audio clock has fallen behind, s. */
let behind = 0;
let startedMs = 0;

class Node {
  connect = (next: unknown) => next;
  disconnect = () => undefined;
}
class Oscillator extends Node {
  frequency = { value: 440 };
  #mine: Laid | undefined;
  start(at: number) {
    this.#mine = { at, taken: false };
    laid.push(this.#mine);
  }
  stop(at?: number) {
    if (at === undefined && this.#mine) this.#mine.taken = true;
  }
}
class Gain extends Node {
  gain = { setValueAtTime: () => undefined, linearRampToValueAtTime: () => undefined };
}
/** How the sound stands before it is woken. */
let asleep = false;
class Context {
  state = asleep ? 'suspended' : 'running';
  outputLatency = 0;
  baseLatency = 0;
  destination = {};
  onstatechange = undefined;
  async resume() {
    await new Promise((resolve) => setTimeout(resolve, 300));
    this.state = 'running';
  }
  get currentTime() {
    return (Date.now() - startedMs) / 1000 - behind;
  }
}

const cue = (atMs: number): Cue => ({ id: `cue-${atMs}`, kind: 'time-up', stepId: 'd', atMs });

beforeEach(() => {
  vi.useFakeTimers({ now: 1_768_500_000_000 });
  laid = [];
  behind = 0;
  asleep = false;
  startedMs = Date.now();
  vi.stubGlobal('AudioContext', Context);
  vi.stubGlobal('OscillatorNode', Oscillator);
  vi.stubGlobal('GainNode', Gain);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

/** When what lies on the timeline for an instant would be heard, ms late, after the clock has slipped as far as it has. */
const lateMs = (atMs: number) => {
  const heard = laid
    .filter(({ taken }) => !taken)
    .map(({ at }) => startedMs + (at + behind) * 1000);
  return Math.min(...heard.map((ms) => Math.abs(ms - atMs)));
};

describe('an audio clock that falls behind the wall clock', () => {
  /** Ticks a second apart, the audio clock losing a little at each, until a cue is due. */
  async function run(slipPerSecond: number, seconds: number, play = false) {
    const speaker = new Speaker(() => undefined);
    await speaker.wake();
    const due = Date.now() + seconds * 1000;
    if (play)
      speaker.play([
        { atMs: due, beeps: [{ startSeconds: 0, lengthSeconds: 0.1, frequencyHz: 880 }] },
      ]);
    for (let tick = 0; tick < seconds * 10; tick += 1) {
      speaker.follow(play ? [] : [cue(due)]);
      await vi.advanceTimersByTimeAsync(100);
      behind += slipPerSecond / 10;
    }
    return due;
  }

  it('a cue put on it ten seconds ahead is heard on time', async () => {
    // Ten seconds in nine minutes, as it was seen on a loaded machine.
    const due = await run(10 / 540, 10);
    expect(lateMs(due)).toBeLessThanOrEqual(20);
    // Once for each time it had moved by ten milliseconds, and not at every tick.
    expect(laid.length).toBeGreaterThan(5);
    expect(laid.length).toBeLessThan(60);
  });

  it('left where it was first put it would have been late by all of the slip', async () => {
    const due = await run(10 / 540, 10);
    const first = startedMs + (laid[0]!.at + behind) * 1000;
    expect(first - due).toBeGreaterThan(150);
  });

  it('a firing’s own sounds follow it too', async () => {
    const due = await run(10 / 540, 8, true);
    expect(lateMs(due)).toBeLessThanOrEqual(20);
  });

  it('one that keeps time is never put anew', async () => {
    await run(0, 10);
    expect(laid.filter(({ taken }) => taken)).toEqual([]);
  });

  it('what is asked for by the press that wakes the sound is heard, from when it is awake', async () => {
    asleep = true;
    const speaker = new Speaker(() => undefined);
    const awake = speaker.wake();
    const beeps = [{ startSeconds: 0, lengthSeconds: 0.06, frequencyHz: 988 }];
    const second = (nth: number) => ({ atMs: startedMs + nth * 1000, beeps });
    const silence = speaker.play([{ atMs: startedMs + 100, beeps }, second(2), second(3)]);
    expect(laid).toEqual([]);
    await vi.advanceTimersByTimeAsync(300);
    await awake;
    speaker.follow([]);
    expect(laid).toHaveLength(2);
    expect(lateMs(startedMs + 2000)).toBeLessThanOrEqual(1);
    silence();
    expect(laid.every(({ taken }) => taken)).toBe(true);
  });

  it('a cue that is no longer due is taken off', async () => {
    const speaker = new Speaker(() => undefined);
    await speaker.wake();
    speaker.follow([cue(Date.now() + 5000)]);
    speaker.follow([]);
    expect(laid.every(({ taken }) => taken)).toBe(true);
  });
});
