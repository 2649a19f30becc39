import { formatDilution } from '@katachron/core';
import { format } from 'date-fns';
import type { WetSide } from '../../bench/clock/wet-side.svelte.ts';
import type { Desk } from '../../bench/desk/desk.svelte.ts';
import { put } from '../../kit/client.ts';
import { replaceDraft } from '../../kit/draft.svelte.ts';
import { newId } from '../../kit/new-id.ts';
import { agitationOptions } from '../../nouns/recipe/agitation-options.ts';
import { throughOf } from '../../nouns/bath/standing.ts';
import type { PlannedRoll, Roll } from '../../nouns/roll/contract.ts';
import { attempt } from '../../words/attempt.ts';
import { retype } from '../../words/temperature.ts';
import { retypeVolume, volumeNumber, type VolumeUnit } from '../../words/volume.ts';
import { timeChart } from './chart.ts';
import type { FilmDraft } from './draft.ts';
import { filmView, type FilmShelf } from './film-view.ts';
import { asUsual, leftFromLast } from './from-last.ts';
import { recipesFor } from '../../nouns/recipe/for-roll.ts';
import { withRecipe, withRoll } from './take.ts';

/** The choice of a roll that was not written down before. */
export const NEW_ROLL = '';

interface Surroundings {
  readonly draft: FilmDraft;
  readonly shelf: () => Required<Pick<FilmShelf, 'recipes' | 'tanks' | 'waiting'>> & FilmShelf;
  readonly desk: Desk;
  readonly wetSide: WetSide;
  readonly go: (path: string) => Promise<void>;
  /** Asks anew what the server knows: what earlier negatives looked like, and what a tank has taught. */
  readonly askAnew: () => Promise<void>;
}

/** The roll that is being planned: what was typed, what follows from it, and its way into the developer. */
export class RollInHand {
  readonly #around: Surroundings;
  readonly draft: FilmDraft;
  readonly view;
  readonly chart;
  problem = $state<string>();
  starting = $state(false);
  /** The field that asks for the developer's temperature. */
  thermometer = $state<HTMLInputElement>();

  constructor(around: Surroundings) {
    this.#around = around;
    this.draft = around.draft;
    this.#toVolumeUnit(this.draft.volumeUnit ?? 'ml', around.desk.volumeUnit);
    const view = $derived(
      filmView(this.draft, around.shelf(), {
        ...around.desk.preferences,
        thermometer: around.desk.thermometer,
      }),
    );
    this.view = () => view;
    const { recipe, development, temperatureC } = $derived(view);
    // A recipe that no time can be read from is told of beside its field: it has no chart.
    const chart = $derived(
      recipe &&
        attempt(() => timeChart(recipe, development?.factor ?? 1, this.unit, temperatureC)).value,
    );
    this.chart = () => chart;
  }

  get unit() {
    return this.#around.desk.preferences.unit;
  }

  get volumeUnit(): VolumeUnit {
    return this.#around.desk.volumeUnit;
  }

  get tanks() {
    return this.#around.shelf().tanks;
  }

  /** The exposed roll that is taken, where it is one of those written down. */
  get waiting(): Roll | undefined {
    return this.#around.shelf().waiting.find(({ id }) => id === this.draft.rollId);
  }

  get agitations() {
    return agitationOptions(this.#around.shelf().recipes);
  }

  get agitation() {
    return this.draft.agitations?.developer ?? this.view().recipe?.agitation ?? 'each-minute';
  }

  /** What is left from the last roll, in words. */
  get left(): string {
    return leftFromLast(this.draft);
  }

  get recipeChoices() {
    return recipesFor(this.#around.shelf().recipes, this.waiting).map((one) => ({
      id: one.id,
      name: `${one.film} in ${one.developer} ${formatDilution(one.dilution)}`,
      more: `EI ${one.exposureIndex}, ${one.points.length === 1 ? 'one temperature' : `${one.points.length} temperatures`}`,
    }));
  }

  get rollChoices() {
    return [
      { id: NEW_ROLL, name: 'new roll' },
      ...this.#around.shelf().waiting.map(({ id, title, exposureIndex, exposed }) => ({
        id,
        name: title,
        more: [exposed?.film, `EI ${exposureIndex}`, exposed?.camera].filter(Boolean).join(', '),
      })),
    ];
  }

  /** Takes another recipe; what the last negatives from it looked like is asked for again. */
  async choose(id: string): Promise<void> {
    replaceDraft(this.draft, withRecipe($state.snapshot(this.draft), id));
    await this.#around.askAnew();
  }

  /** Takes another tank; what its runs have taught is asked for. */
  async chooseTank(id: string): Promise<void> {
    this.draft.tankId = id;
    await this.#around.askAnew();
    const { needsMl } = this.view().tank;
    if (needsMl !== undefined) this.draft.volume = String(volumeNumber(needsMl, this.volumeUnit));
  }

  /** Takes an exposed roll: its name, speed and format, and a recipe for its film where there is one. */
  async take(id: string): Promise<void> {
    const { waiting, recipes } = this.#around.shelf();
    const roll = waiting.find((one) => one.id === id);
    if (!roll) this.draft.rollId = NEW_ROLL;
    else replaceDraft(this.draft, withRoll($state.snapshot(this.draft), roll, recipes));
    await this.#around.askAnew();
  }

  backToUsual(): void {
    replaceDraft(this.draft, asUsual($state.snapshot(this.draft)));
  }

  /** The volume in the other unit; changed on another page meanwhile, what was typed keeps its meaning too. */
  #toVolumeUnit(from: VolumeUnit, to: VolumeUnit): void {
    this.draft.volume = retypeVolume(this.draft.volume, from, to);
    this.draft.volumeUnit = to;
  }

  onVolumeUnit = (from: VolumeUnit, to: VolumeUnit): void => this.#toVolumeUnit(from, to);

  /** Every temperature that was typed goes with the unit. */
  switchUnit(): void {
    const { draft, unit } = this;
    const other = unit === 'C' ? 'F' : 'C';
    const typed = (text: string) => retype(text, unit, other);
    draft.temperature = typed(draft.temperature);
    for (const field of ['room', 'warmTo', 'waterBath'] as const) {
      if (draft[field] !== undefined) draft[field] = typed(draft[field]);
    }
    for (const [kind, text] of Object.entries(draft.baths ?? {})) draft.baths![kind] = typed(text);
    this.#around.desk.set({ unit: other });
  }

  async start(): Promise<void> {
    const { draft, waiting } = this;
    const { wetSide, go } = this.#around;
    const view = this.view();
    const { plan, recipe, development, temperatureC, exposureIndex, volumeMl, choices, tank } =
      view;
    if (
      !plan ||
      !recipe ||
      temperatureC === undefined ||
      exposureIndex === undefined ||
      !development
    ) {
      this.problem =
        view.refusal ?? view.troubles.rollsBefore ?? 'Type the temperature of the developer first.';
      this.thermometer?.focus();
      return;
    }
    if (this.starting) return;
    this.starting = true;
    this.problem = undefined;
    const { id: _id, version: _version, ...body } = recipe;
    const madeAtMs = Date.now();
    const title = draft.title.trim() || `Roll of ${format(madeAtMs, 'd MMMM yyyy, HH:mm')}`;
    const id = waiting?.id ?? newId();
    const outcome = await put<Roll>(
      `/api/v1/rolls/${id}`,
      {
        title,
        ...(waiting?.exposed && { exposed: waiting.exposed }),
        recipe: { ...body, ...(view.substance && { substanceId: view.substance.id }) },
        exposureIndex,
        temperatureC,
        developmentSeconds: view.seconds ?? development.seconds,
        ...(choices && Object.keys(choices).length > 0 && { choices }),
        ...(view.drift && { drift: view.drift }),
        ...(volumeMl !== undefined && { volumeMl }),
        ...(tank.tank && {
          tank: { id: tank.tank.id, name: tank.tank.name, load: tank.load },
        }),
        ...(throughOf(view.placed).length > 0 && {
          baths: { load: tank.load, baths: throughOf(view.placed) },
        }),
        plan,
        madeAtMs: waiting?.madeAtMs ?? madeAtMs,
      },
      waiting?.version,
    );
    this.starting = false;
    if (outcome.problem) {
      this.problem = outcome.problem.detail;
      return;
    }
    // What the baths read is kept with the run, each with its own bath.
    for (const [stepId, bathC] of Object.entries(view.bathsC)) {
      wetSide.follow({ roll: outcome.value as PlannedRoll, events: [] });
      const { thermometer } = this.#around.desk;
      wetSide.record(id, {
        ...{ kind: 'temperature', temperatureC: bathC, stepId },
        ...(thermometer && { by: thermometer.name }),
      });
    }
    // Back from the run, Start goes on with this roll and does not make another of its name.
    draft.rollId = id;
    draft.fromLast = true;
    draft.baths = {};
    await go(`/film/run/${id}`);
  }
}
