import { describe, expect, it } from 'vitest';
import { unanswered, type Answered } from '../../src/lib/kit/asked.ts';
import { edgesView, usualEdges, type EdgesForm } from '../../src/lib/stages/print/edges-view.ts';

const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };
/** Numbers stay with their unit on one line; here they are read. */
const read = (part: Answered) =>
  JSON.parse(JSON.stringify(part).replaceAll('\u00a0', ' ')) as typeof part;
const view = (change: Partial<EdgesForm>, answer: number | undefined = 18) => {
  const all = edgesView({ ...usualEdges, ...change } as EdgesForm, answer, lamp);
  return { ...all, corners: read(all.corners), key: read(all.key), burn: read(all.burn) };
};

describe('edges and long burns', () => {
  it('the corners both ways, with what is dialled, and what the lens alone takes', () => {
    const { corners, cornerStops } = view({
      ...{ fallOff: '0.55', focal: '75', magnification: '4', radius: '36' },
    });
    expect(corners.big).toBe('8.4 s');
    expect(corners.sentences).toEqual([
      'More for the corners, the card over the middle and moving. Dial 8.6 s.',
      'Or 26.4 s for the whole sheet, its middle held back for 8.4 s.',
      'The lens alone takes 0.40 stop there, at any aperture: the other 0.15 go away on stopping down.',
    ]);
    expect(cornerStops).toBe(0.55);
    // What is typed is meant, and not the answer.
    expect(view({ fallOff: '1', base: '30' }).corners.big).toBe('30.0 s');
  });

  it('what the enlarger knows of its corners stands in for what is not typed', () => {
    const kept = edgesView({ ...usualEdges, base: '18' }, undefined, lamp, 0.5);
    expect(read(kept.corners).big).toBe('7.5 s');
    const typed = edgesView({ ...usualEdges, base: '18', fallOff: '1' }, undefined, lamp, 0.5);
    expect(read(typed.corners).big).toBe('18.0 s');
  });

  it('a key line half a stop over just black', () => {
    const { key } = view({ black: '8.5', density: '0.28' });
    expect(key.big).toBe('6.3 s');
    expect(key.sentences[1]).toContain('Just black it is at 4.5 s');
  });

  it('a burn of 1½ stops on 38 s, the lens a stop wider', () => {
    const { burn } = view({ burn: '1½' }, 38);
    expect(burn.big).toBe('34.7 s');
    expect(burn.sentences[0]).toBe(
      'With the lens 1 stop wider, in the place of 69.5 s. Dial 34.9 s.',
    );
  });

  it('says what is wrong where it is, and nothing where nothing is typed', () => {
    const wrong = view({ fallOff: 'much', black: '0', density: '-1', burn: '1', wider: '99' });
    expect(wrong.troubles).toEqual({
      fallOff: 'Type what the corners lack in stops, for example ½.',
      black: 'Type the minimum time for maximum black, for example 8.5.',
      density: 'Type the density of the clear film, for example 0.28.',
      wider: 'Type by how many stops the lens is opened, for example 1.',
    });
    expect(edgesView(usualEdges, undefined, lamp)).toEqual({
      ...{ corners: unanswered, key: unanswered, burn: unanswered, troubles: {} },
    });
  });
});
