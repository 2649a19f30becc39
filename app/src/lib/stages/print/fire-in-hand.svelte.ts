import { restOfFiring, sheetPlan, type LampSwitchId } from '@katachron/core';
import same from 'fast-deep-equal';
import { untrack } from 'svelte';
import type { WetSide } from '../../bench/clock/wet-side.svelte.ts';
import { SimulatedLampTimer } from '../../bench/devices/simulated-lamp-timer.ts';
import type { BurningLamp } from '../../bench/light/burning.svelte.ts';
import { newId } from '../../kit/new-id.ts';
import type { Firing } from '../../nouns/in-hand/draft.ts';
import type { Fireable } from './fireable.ts';
import { restOfLine, type FiringLine } from './firing-lines.ts';
import { FiringClock } from './firing.svelte.ts';

/**
 * Paper under the enlarger: what it is to get, firing for firing, and what it has got. That is kept with the print, so that a
 * reload, a frozen tab or a look at another page loses no light that was given.
 */
export class FireInHand {
  readonly of: Fireable;
  readonly clock: FiringClock;
  /** The short list was looked over. */
  looked = $state(false);
  lit = $state(false);
  laidIn = $state(false);
  /** A firing ended while the page was not there. */
  endedAway = $state(false);
  readonly #wetSide: WetSide;
  readonly #burning: BurningLamp;
  readonly #timer = new SimulatedLampTimer((on) => (this.lit = on));
  readonly #firing;

  constructor(of: Fireable, wetSide: WetSide, burning: BurningLamp) {
    this.of = of;
    this.#wetSide = wetSide;
    this.#burning = burning;
    this.clock = new FiringClock(wetSide, this.#timer);
    // Another list of firings is another paper.
    const firing = $derived.by((): Firing => {
      const dialSeconds = of.lines.map((line) => line.dialSeconds);
      const { firing: kept, what } = of;
      return kept?.what === what && same(kept.dialSeconds, dialSeconds)
        ? kept
        : { what, dialSeconds, at: 0, given: [] };
    });
    this.#firing = () => firing;
  }

  get lines() {
    return this.of.lines;
  }

  get at(): number {
    return this.#firing().at;
  }

  /** What is next, or lit: of a firing that was stopped, what is left of it. */
  get line(): FiringLine | undefined {
    const line = this.lines[this.at];
    const { lacking } = this;
    if (!line || lacking === undefined) return line;
    return restOfLine(line, line.dialSeconds - lacking, this.of.timerStep);
  }

  /** Who is held back in it, for the ear. */
  get #hands() {
    return { held: this.line?.held ?? [], lagSeconds: this.of.lagSeconds };
  }

  /** What has to be held back at this moment, or next, and for how long from now, s. */
  get holding(): {
    readonly name: string;
    readonly inSeconds: number;
    readonly forSeconds: number;
  }[] {
    const light = this.clock.secondsLit - this.of.lagSeconds;
    return (this.line?.held ?? [])
      .map(({ name, fromSeconds, seconds }) => ({
        name,
        inSeconds: fromSeconds - light,
        forSeconds: fromSeconds + seconds - light,
      }))
      .filter(({ forSeconds }) => forSeconds > 0);
  }

  /** What a firing that was stopped still lacks, s. */
  get lacking(): number | undefined {
    return this.#firing().lacking;
  }

  get seconds(): number {
    return this.lacking ?? this.line?.dialSeconds ?? 0;
  }

  get done(): boolean {
    return this.lines.length > 0 && this.at >= this.lines.length;
  }

  /** Sheets of this go that lie exposed in the dark, and the one under the lamp once it was. */
  get #exposedIds(): readonly string[] {
    const { made = [] } = this.#firing();
    const { sheetId } = this.of;
    return this.#isExposed && sheetId !== undefined ? [...made, sheetId] : made;
  }

  /** The paper under the lamp got light, and is the sheet that was written down last: not an earlier one. */
  get #isExposed(): boolean {
    const { given, sheetId } = this.#firing();
    const { sheetId: last } = this.of;
    return this.done && given.length > 0 && (sheetId === undefined || last === sheetId);
  }

  /** Every firing was left out. */
  get nothingGiven(): boolean {
    return this.done && this.#firing().given.length === 0;
  }

  /** Another copy comes under the lamp before anything goes into the developer. */
  get anotherCopy(): boolean {
    const { made = [] } = this.#firing();
    return this.#isExposed && made.length + 1 < this.of.copies && this.#laid === 0;
  }

  /** Which of how many it is, while there are several. */
  get copy(): { readonly number: number; readonly of: number } | undefined {
    const { made = [] } = this.#firing();
    const { copies } = this.of;
    return copies > 1
      ? { number: made.length + 1, of: Math.max(copies, made.length + 1) }
      : undefined;
  }

  get #laid(): number {
    return this.#firing().laid ?? 0;
  }

  /** What is written on the back of the sheet under the lamp, or of the next that goes into the developer. */
  get mark(): string | undefined {
    if (!this.done) return this.of.nextMark;
    const id = this.anotherCopy ? this.of.sheetId : this.#exposedIds[this.#laid];
    return id === undefined ? undefined : this.of.markOf(id);
  }

  /** More exposed sheets wait for the developer. */
  get waiting(): boolean {
    return this.#laid < this.#exposedIds.length;
  }

  /** What was exposed goes into the dark, and other paper under the lamp. */
  nextCopy(): void {
    if (!this.anotherCopy) return;
    const { what, dialSeconds } = this.#firing();
    this.of.firing = { what, dialSeconds, at: 0, given: [], made: [...this.#exposedIds] };
    this.announce();
  }

  /** Paper lies under the lamp that has got something. */
  get begun(): boolean {
    const { given, litAtMs } = this.#firing();
    return given.length > 0 || litAtMs !== undefined;
  }

  get by(): LampSwitchId {
    return this.of.lampBy;
  }

  get name(): string {
    return this.of.name;
  }

  /** After a reload, or a tab that was frozen: the lamp went on meanwhile, and so does its clock, or it is over. */
  rejoin(): void {
    if (this.begun) this.looked = true;
    const { litAtMs } = this.#firing();
    if (litAtMs === undefined || !this.line) return;
    // As every page knows it: this one may be the first after a reload.
    this.#burning.takeUp();
    const { now } = this.#burning;
    const outAtMs = now?.litAtMs === litAtMs ? now.outAtMs : undefined;
    if (now?.litAtMs === litAtMs) this.#burning.hush();
    if (outAtMs !== undefined && outAtMs < litAtMs + this.seconds * 1000) {
      this.#stopped(Math.max(0, outAtMs - litAtMs) / 1000);
    } else if (Date.now() < litAtMs + this.seconds * 1000) {
      this.clock.rejoin(litAtMs, this.seconds, this.by, this.#hands);
    } else {
      this.endedAway = true;
      this.#given();
    }
  }

  /** Call it whenever the clock has moved: a firing that was given makes way for the next one. */
  follow(): void {
    if (this.clock.state !== 'given') return;
    this.clock.reset();
    untrack(() => this.#given());
  }

  fire(): void {
    if (!this.line || this.clock.state !== 'ready') return;
    this.#timer.focus(false);
    this.endedAway = false;
    const { sheetId = newId() } = this.#firing();
    const litAtMs = this.clock.begin(this.seconds, this.by, this.#hands);
    this.#wetSide.firstLight(sheetId, this.of.work, litAtMs);
    this.#keep({ sheetId, litAtMs });
    const { pathname, search } = location;
    const { name, seconds } = this;
    this.#burning.lit({ href: pathname + search, name, litAtMs, seconds });
  }

  lampOut(): void {
    if (this.clock.state !== 'counting' && this.clock.state !== 'lit') return;
    this.#stopped(this.clock.stop());
  }

  /** The lamp went out early. */
  #stopped(litSeconds: number): void {
    this.#burning.over();
    const { given } = this.#firing();
    this.#keep({
      given: litSeconds > 0 ? [...given, this.#light(Number(litSeconds.toFixed(2)))] : given,
      lacking: restOfFiring(this.seconds, litSeconds, {
        lagSeconds: this.of.lagSeconds,
        timerStepSeconds: this.of.timerStep,
      }),
    });
  }

  backOne(): void {
    if (this.clock.state !== 'ready' || this.at === 0) return;
    this.endedAway = false;
    this.#keep({ at: this.at - 1 });
  }

  skip(): void {
    if (this.clock.state !== 'ready' || !this.looked || this.done) return;
    this.#keep({ at: this.at + 1 });
    this.#exposed();
  }

  focus(): void {
    if (this.clock.state === 'ready') this.#timer.focus(!this.lit);
  }

  /** Other paper, from the first firing on. */
  anew(): void {
    if (this.clock.state !== 'ready') return;
    const { what, dialSeconds, made, sheetId } = this.#firing();
    if (sheetId !== undefined) this.#wetSide.lightForNothing(sheetId);
    // Copies that lie exposed in the dark are still to be developed.
    this.of.firing = made && { what, dialSeconds, at: 0, given: [], made };
    this.looked = this.laidIn = this.endedAway = false;
  }

  intoDeveloper(): void {
    const { tray, base, also, through, copies } = this.of;
    const ids = this.#exposedIds;
    const laid = this.#laid;
    if (!this.laidIn) {
      const sheetId = ids[laid];
      const paperId = sheetId ?? this.#firing().sheetId ?? newId();
      const name = copies > 1 && this.mark ? `${this.name} ${this.mark}` : this.name;
      this.#wetSide.layIn(name, sheetPlan(tray, base, also), {
        ...(sheetId !== undefined && this.of.inRecord && { sheetId }),
        through,
        fired: { id: paperId, ...this.of.work },
      });
      if (ids.length > 1) this.#keep({ laid: laid + 1 });
    }
    this.laidIn = ids.length <= 1 || laid + 1 >= ids.length;
  }

  /** What comes under the lamp next is other paper. */
  takenAway(): void {
    this.of.firing = undefined;
    this.looked = false;
  }

  /** The page is left: a lamp that is switched here goes out, one that is switched elsewhere goes on as its own timer says. */
  left(): void {
    if (this.by === 'screen') this.lampOut();
    const burns = this.clock.state === 'counting' || this.clock.state === 'lit';
    const silence = this.clock.leave();
    if (burns) this.#burning.leftWith(silence);
    this.#timer.focus(false);
  }

  #given(): void {
    if (!this.line) return;
    this.#burning.over();
    const { litAtMs = Date.now(), given } = this.#firing();
    // When its lamp went out, whoever looks when: two pages that see it end say the same.
    const endedAtMs = Math.round(litAtMs + this.seconds * 1000);
    this.#keep({ at: this.at + 1, given: [...given, this.#light(this.seconds)] });
    this.#exposed(endedAtMs);
    this.announce();
  }

  /** Names what is next, for those who cannot look. */
  announce(): void {
    const { line, looked } = this;
    if (this.done && !this.anotherCopy && this.of.then) this.#wetSide.say(this.of.then.words);
    if (!line || !looked) return;
    const before = this.lines[this.at - 1];
    const other = before && (before.filter !== line.filter || before.lens !== line.lens);
    this.#wetSide.say([line.hands, other && line.filter].filter(Boolean).join('. '));
  }

  /** Only once all was given, or left out, was the sheet exposed: what is written down is what was fired. */
  #exposed(atMs = Date.now()): void {
    const { given, sheetId = newId() } = this.#firing();
    if (!this.done || given.length === 0) return;
    this.#wetSide.lastLight(sheetId, atMs);
    this.of.exposed(given, sheetId, atMs);
  }

  /** Light that the paper got, as it is written down. */
  #light(seconds: number) {
    const { hands = '', filter = '' } = this.line ?? {};
    return { hands, filter, seconds };
  }

  /** Where it stands now; a lamp that burns, and what lacks, are only what is said here. */
  #keep(now: Partial<Firing>): void {
    const { litAtMs: _lit, lacking, ...so } = this.#firing();
    const lacks = now.litAtMs !== undefined && lacking !== undefined ? { lacking } : {};
    this.of.firing = { ...so, ...lacks, ...now };
  }
}
