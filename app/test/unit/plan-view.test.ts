import { describe, expect, it } from 'vitest';
import type { FilmDraft } from '../../src/lib/stages/film/draft.ts';
import { procedureExample } from '../../src/lib/nouns/procedure/contract.ts';
import { recipeExample } from '../../src/lib/nouns/recipe/contract.ts';
import { tankExample } from '../../src/lib/nouns/tank/contract.ts';
import { byProcedure, moved, planView, procedureOf } from '../../src/lib/stages/film/plan-view.ts';
import { tankView } from '../../src/lib/stages/film/tank-view.ts';
import { warmBottle } from '../../src/lib/stages/film/warm-bottle.ts';

const draft: FilmDraft = {
  title: '',
  recipeId: '',
  exposureIndex: '',
  temperature: '20',
  volume: '600',
  kinds: ['pre-soak', 'developer', 'stop', 'fix', 'wash'],
  times: { fix: '3:30' },
};

describe('the plan on the page', () => {
  it('has the developer in even where a draft of old does not name it', () => {
    const plan = planView({ ...draft, kinds: ['stop', 'fix'] }, recipeExample, 540);
    expect(plan.kinds).toEqual(['developer', 'stop', 'fix']);
    expect(plan.lines[0]).toMatchObject({ shown: '9:00', fromRecipe: true });
  });

  it('has the second bath of a two-bath developer, and only of one', () => {
    const two = { ...recipeExample, secondBath: { seconds: 180, agitation: 'rest' as const } };
    const plan = planView(draft, two, 300);
    expect(plan.kinds.slice(1, 3)).toEqual(['developer', 'second-developer']);
    expect(plan.lines[2]).toMatchObject({ shown: '3:00', agitation: 'rest' });
    const kept = { ...draft, kinds: [...plan.kinds] };
    expect(planView(kept, recipeExample, 300).kinds).not.toContain('second-developer');
  });

  it('says what becomes of each bath, a developer that is used again being kept', () => {
    const detail = (recipe: typeof recipeExample) => planView(draft, recipe, 300).lines[1]?.detail;
    expect(detail(recipeExample)).toBe('four inversions a minute; poured away');
    expect(detail({ ...recipeExample, reuse: { kind: 'replenish', mlPerRoll: 70 } })).toBe(
      'four inversions a minute; kept',
    );
  });

  it('moves a step, and no further than the ends', () => {
    expect(moved(['pre-soak', 'developer', 'fix'], 'fix', -1)).toEqual([
      'pre-soak',
      'fix',
      'developer',
    ]);
    expect(moved(['developer', 'fix'], 'developer', -1)).toEqual(['developer', 'fix']);
    expect(moved(['developer', 'fix'], 'stop', 1)).toEqual(['developer', 'fix']);
  });

  it('is careful of a fixer before the developer', () => {
    expect(planView({ ...draft, kinds: ['fix', 'developer'] }, recipeExample, 300).caution).toMatch(
      /nothing would be left/,
    );
    expect(planView(draft, recipeExample, 300).caution).toBeUndefined();
  });

  it('names the school that it follows', () => {
    const ways = planView(draft, recipeExample, 300).schools.map(({ id, way }) => [id, way]);
    expect(Object.fromEntries(ways)).toEqual({
      'pre-soak': 'with',
      stop: 'acid',
      fix: 'one',
      wash: 'running',
    });
  });

  it('goes into a house procedure and comes out of it the same', () => {
    const mine: FilmDraft = {
      ...draft,
      agitations: { fix: 'continuous' },
      afterwards: { stop: 'pour away' },
      vessel: 'trays',
    };
    const procedure = procedureOf('Mine', mine);
    expect(procedure).toMatchObject({ name: 'Mine', vessel: 'trays' });
    const back = { ...draft, ...byProcedure(procedure) };
    expect(procedureOf('Mine', back)).toEqual(procedure);
    expect(byProcedure(procedureExample).times).toMatchObject({ fix: '3:30', wash: '5:00' });
  });
});

describe('the tank on the page', () => {
  const tanks = [{ id: 't', version: 1, ...tankExample }];
  const thin = { ...recipeExample, dilution: [1, 100], minimumMl: 5 };

  it('says what covers the reels', () => {
    const view = tankView({ ...draft, tankId: 't', films: '2' }, tanks, recipeExample, 600);
    expect(view.sentence).toBe('2 × 135-36 want 600 ml to be covered.');
    expect(view.cautions).toEqual([]);
  });

  it('warns when the liquid does not cover them, when they do not fit, and when it overflows', () => {
    const of = (change: Partial<FilmDraft>, volume: number) =>
      tankView({ ...draft, tankId: 't', ...change }, tanks, recipeExample, volume).cautions;
    expect(of({ films: '2' }, 300)).toEqual(['300 ml do not cover 2 × 135-36: take 600 ml.']);
    expect(of({ films: '3' }, 600)).toEqual(['The tank does not take 3 × 135-36.']);
    expect(of({ format: 'eight-by-ten' }, 600)[0]).toMatch(/does not take 1 × 8×10/);
    expect(of({ films: '1' }, 900)).toEqual(['The tank holds 620 ml, not more.']);
  });

  it('says when there is too little concentrate, with both remedies', () => {
    // 22.3 fl oz are 659.5 ml: what is asked for in fl oz is enough when it is measured so.
    const three = [
      {
        ...tanks[0]!,
        reels: [{ format: 'small-36' as const, mlEach: 660, most: 1 }],
        holdsMl: 700,
      },
    ];
    const filled = { ...draft, tankId: 't', films: '1' };
    expect(tankView(filled, three, recipeExample, 659.5, 'fl oz').cautions).toEqual([]);
    expect(tankView(filled, three, recipeExample, 659, 'ml').cautions.join()).toContain('cover');
    const [said] = tankView({ ...draft, films: '2' }, tanks, thin, 600).cautions;
    expect(said).toBe(
      'Only 5.9 ml Tansy for 2 × 135-36; they want 10 ml. Take 1010 ml in all, or 1 roll at a time.',
    );
    expect(tankView({ ...draft, films: '1' }, tanks, thin, 300).cautions[0]).toMatch(
      /or less dilution/,
    );
    expect(tankView({ ...draft, films: '1' }, tanks, thin, 600).cautions).toEqual([]);
  });

  it.each(['some', '0', '1.5', '99'])('does not take %s films', (films) => {
    expect(tankView({ ...draft, films }, tanks, thin, 600).trouble).toMatch(/how many films/);
  });
});

describe('warming the bottle', () => {
  it('says by how much, in what water and for how long', () => {
    expect(warmBottle({ warmTo: '20', waterBath: '30' }, 18, 'C').sentence).toBe(
      'Warm the bottle by 2 °C: about 109 seconds in water at 30°. Stir, and read it before you pour.',
    );
    expect(warmBottle({ warmTo: '20' }, 23, 'C').sentence).toMatch(/^Cool the bottle by 3 °C.*10°/);
    expect(warmBottle({ warmTo: '68' }, 18, 'F').sentence).toMatch(/by 3.6 °F/);
    expect(warmBottle({ warmTo: '20' }, 20.02, 'C').sentence).toBe('It has that already.');
  });

  it('says what is missing or cannot be', () => {
    expect(warmBottle({ warmTo: 'hot' }, 18, 'C').troubles.warmTo).toMatch(/temperature/);
    expect(warmBottle({ warmTo: '20' }, undefined, 'C').troubles.warmTo).toMatch(/reads first/);
    expect(warmBottle({ warmTo: '20', waterBath: '19' }, 18, 'C').troubles.waterBath).toMatch(
      /never brings it there/,
    );
    expect(warmBottle({ warmTo: '20', waterBath: 'x' }, 18, 'C').troubles.waterBath).toBeDefined();
    expect(warmBottle({}, 18, 'C')).toEqual({ troubles: {} });
  });
});
