import { expect, it } from 'vitest';
import { addStops, learnDryDown, percentInStops } from '../src/index.ts';

it('nothing judged, nothing known: none, within a fifth of a stop', () => {
  expect(learnDryDown([]).stops).toBe(0);
  expect(learnDryDown([]).withinStops).toBeCloseTo(0.196, 3);
});

it('begins with what is usual for the base, and learns from there', () => {
  const fibre = learnDryDown([0.2, 0.1, 0.22], 'fibre');
  expect(fibre.stops).toBeCloseTo(0.1477, 4);
  expect(fibre.withinStops).toBeCloseTo(0.06795, 4);
  expect(learnDryDown([0.2, 0.1, 0.22]).stops).toBeCloseTo(0.1408, 4);
  expect(learnDryDown([], 'resin-coated').stops).toBe(0.02);
});

it('ten verdicts that agree are believed, and are surer than one', () => {
  const many = learnDryDown(Array.from({ length: 10 }, () => 0.15));
  expect(many.stops).toBeCloseTo(0.14, 2);
  expect(many.withinStops).toBeLessThan(learnDryDown([0.15]).withinStops / 2);
});

it('its test: the dried −8 % print matches the wet one, so 21.5 s become 19.78 s', () => {
  const tested = -percentInStops(-8);
  expect(tested).toBeCloseTo(0.1203, 4);
  expect(addStops(21.5, -tested)).toBeCloseTo(19.78, 2);
  // It stands until dry prints say otherwise, and is surer than what papers do as a rule.
  expect(learnDryDown([], 'fibre', tested).stops).toBeCloseTo(tested, 9);
  expect(learnDryDown([], 'fibre', tested).withinStops).toBeLessThan(
    learnDryDown([], 'fibre').withinStops,
  );
  const contradicted = learnDryDown(
    Array.from({ length: 20 }, () => 0),
    'fibre',
    tested,
  );
  expect(contradicted.stops).toBeLessThan(tested / 2);
});
