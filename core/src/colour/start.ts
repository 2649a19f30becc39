import { ratioInStops } from '../quantity/stops.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import {
  changePack,
  eachChannel,
  greyStops,
  type ChangedPack,
  type ColourHead,
  type FilterPack,
} from './pack.ts';

/** Light of three channels on the easel, through a diffuser: in one unit, whichever. */
export interface ChannelLight {
  readonly red: number;
  readonly green: number;
  readonly blue: number;
}

/**
 * The pack and time of a negative, by readings of three channels against one whose pack is known: every layer gets what
 * it got there.
 * @param reference pack and time of the known print, and the light read of its negative with the white light of the head
 * @param light of the new negative, read in the same way
 * @param head stops of ten units, each channel
 * @returns the pack without grey, the change in stops, the time, s
 * @throws Refusal `light` for a channel without light, `pack` beyond the head
 * @source Δunits = stops of light ÷ stops of a unit of grey
 * @example
 * packByReadings({ pack: { c: 0, m: 44, y: 58 }, seconds: 11.5, light: { red: 10, green: 8, blue: 5 } }, { red: 10, green: 8, blue: 5 }, { c: 0.07, m: 0.09, y: 0.02 }).pack.m // ≈ 44.0
 */
export function packByReadings(
  reference: { readonly pack: FilterPack; readonly seconds: number; readonly light: ChannelLight },
  light: ChannelLight,
  head: ColourHead,
): ChangedPack {
  const dark = [reference.light, light].some((one) =>
    [one.red, one.green, one.blue].some((value) => !(value > 0)),
  );
  if (dark) {
    throw new Refusal('light', '/light', 'Each of the three channels needs a reading above zero.');
  }
  const unit = greyStops(head);
  const more = {
    c: ratioInStops(light.red / reference.light.red) / unit,
    m: ratioInStops(light.green / reference.light.green) / unit,
    y: ratioInStops(light.blue / reference.light.blue) / unit,
  };
  const wanted = eachChannel((id) => reference.pack[id] + more[id]);
  const { pack } = changePack(reference.pack, wanted, reference.seconds, head);
  // With the grey left in every layer gets as much in the same time; what goes out with it is gained.
  const grey = wanted.m - pack.m;
  return sound({ pack, stops: -grey * unit, seconds: reference.seconds * 2 ** (-grey * unit) });
}

/** What a box of paper says of itself: units to be added, and what it needs more, stops. */
export interface BoxCorrection {
  readonly pack: FilterPack;
  readonly stops: number;
}

/**
 * A print carried to another box of the same paper.
 * @param print pack in units, seconds
 * @param from what its own box says
 * @param to what the new box says
 * @param head stops of ten units, each channel
 * @returns the pack without grey, the change in stops, the time, s
 * @throws Refusal `pack` beyond the head
 * @source correction of the new box − correction of the old one
 * @example
 * toAnotherBox({ pack: { c: 0, m: 44, y: 58 }, seconds: 11.5 }, { pack: { c: 0, m: 5, y: 0 }, stops: 0 }, { pack: { c: 0, m: 0, y: 5 }, stops: 0 }, { c: 0.07, m: 0.09, y: 0.02 }).pack // = { "c": 0, "m": 39, "y": 63 }
 */
export function toAnotherBox(
  print: { readonly pack: FilterPack; readonly seconds: number },
  from: BoxCorrection,
  to: BoxCorrection,
  head: ColourHead,
): ChangedPack {
  const wanted = eachChannel((id) => print.pack[id] + to.pack[id] - from.pack[id]);
  const changed = changePack(print.pack, wanted, print.seconds, head);
  const more = to.stops - from.stops;
  return sound({
    pack: changed.pack,
    stops: changed.stops + more,
    seconds: changed.seconds * 2 ** more,
  });
}
