import type { ToneFactor } from '@katachron/core';
import { getContext, setContext } from 'svelte';
import { type Preferences } from './preferences.ts';
import { LEAST_BRIGHTNESS, MOST_BRIGHTNESS, lights, type Light } from './choices.ts';
import type { Reads, Thermometer } from '../../words/reading.ts';
import type { VolumeUnit } from '../../words/volume.ts';
import { cookieNames, keepInCookie, readCookie } from '../../kit/cookie.ts';

const KEY = Symbol('desk');

/** What belongs to this device: its light, its unit, its habits. Follows the person from page to page. */
export class Desk {
  preferences = $state() as Preferences;
  /** Those that were compared with one that is trusted. */
  thermometers = $state.raw<readonly Thermometer[]>([]);
  /** Dark was chosen here, and did not come with the page. */
  darkChosen = false;
  /** Tells other pages of this browser. */
  lightChanged: () => void = () => undefined;

  constructor(preferences: Preferences, thermometers: readonly Thermometer[] = []) {
    this.preferences = preferences;
    this.thermometers = thermometers;
  }

  /** The one that is read; nothing where it is taken to be right. */
  get thermometer(): Thermometer | undefined {
    const { thermometerId } = this.preferences;
    return this.thermometers.find(({ id }) => id === thermometerId);
  }

  get reads(): Reads {
    return { unit: this.preferences.unit, thermometer: this.thermometer };
  }

  /** Another thermometer is read from now on. */
  readBy(id: string | undefined): void {
    if (id === undefined) delete this.preferences.thermometerId;
    this.set(id === undefined ? {} : { thermometerId: id });
  }

  /** The light to come back to from Dark: kept, so that a reload in the dark does not lead to white. */
  get beforeDark(): Light {
    return this.preferences.beforeDark ?? 'red';
  }

  get volumeUnit(): VolumeUnit {
    return this.preferences.volumeUnit ?? 'ml';
  }

  get light(): Light {
    return this.preferences.light;
  }

  /** Changes the light. The guard on leaving red and dark is the hold in front of this, not a rule in here. */
  setLight(light: Light): void {
    const { light: before } = this;
    this.darkChosen = light === 'dark' && before !== 'dark';
    this.set(this.darkChosen && before !== 'dark' ? { light, beforeDark: before } : { light });
  }

  brighter(steps: number): void {
    const wanted = this.preferences.brightness + steps;
    this.set({ brightness: Math.min(MOST_BRIGHTNESS, Math.max(LEAST_BRIGHTNESS, wanted)) });
  }

  /** The light as another page of this browser has left it. */
  takeUpLight({ light, brightness, beforeDark }: Preferences): void {
    this.darkChosen = false;
    Object.assign(this.preferences, { light, brightness, ...(beforeDark && { beforeDark }) });
    this.#show();
  }

  set(change: Partial<Preferences>): void {
    Object.assign(this.preferences, change);
    keepInCookie(cookieNames.preferences, this.preferences);
    this.#show();
    if (change.light !== undefined || change.brightness !== undefined) this.lightChanged();
  }

  /** Sheets are developed by their first tone from now on, or by the clock. */
  setToneFactor(factor: ToneFactor | undefined): void {
    if (factor === undefined) delete this.preferences.toneFactor;
    this.set(factor === undefined ? {} : { toneFactor: factor });
  }

  #show(): void {
    const { documentElement: root } = document;
    const white = this.light === 'white';
    root.dataset.light = this.light;
    root.dataset.brightness = String(this.preferences.brightness);
    const meta = (name: string) => document.querySelector(`meta[name="${name}"]`);
    meta('color-scheme')?.setAttribute('content', white ? 'light' : 'dark');
    meta('theme-color')?.setAttribute('content', white ? '#efece4' : '#000000');
  }
}

/** What this browser keeps of the preferences: newer than those of a page that was kept for a lost server. */
export function keptPreferences(): Preferences | undefined {
  const kept = readCookie(cookieNames.preferences) as Partial<Preferences> | undefined;
  return kept?.light && lights.includes(kept.light) && kept.brightness
    ? (kept as Preferences)
    : undefined;
}

export function provideDesk(
  preferences: Preferences,
  thermometers: readonly Thermometer[] = [],
): Desk {
  return setContext(KEY, new Desk(preferences, thermometers));
}

export function useDesk(): Desk {
  return getContext<Desk>(KEY);
}
