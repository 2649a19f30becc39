import type { Dilution } from '../quantity/dilution.ts';
import { Refusal } from '../refusal.ts';
import { reuseFactor, type ReuseRule } from './reuse.ts';

/** A packet or a bottle of developer, and what one roll takes of the working solution. */
export interface Packet {
  /** What it cost, in whatever money. */
  readonly price: number;
  /** Stock (or concentrate) in it, ml. */
  readonly stockMl: number;
  /** Working solution that one roll stands in, ml. */
  readonly mlPerRoll: number;
}

/** One way of using a packet. */
export interface WayOfUse {
  readonly dilution: Dilution;
  /** Development time of the first roll, s. */
  readonly seconds: number;
  readonly reuse: ReuseRule;
  /** Rolls that the whole packet is good for when it is reused. */
  readonly capacityRolls?: number;
  /** Least stock for a roll, ml. */
  readonly minimumMl?: number;
}

/** What a packet comes to. */
export interface PacketCost {
  readonly rolls: number;
  readonly pricePerRoll: number;
  /** Development time of each roll, s, in order. */
  readonly secondsOfRoll: readonly number[];
  readonly meanSeconds: number;
}

/** More rolls than this nobody develops from one packet. */
const MOST_ROLLS = 1000;

/**
 * What a whole packet comes to when it is used in one way: rolls, money and time a roll.
 * @param packet price, stock in ml, working solution for a roll in ml
 * @param way dilution, first time in s, reuse rule, capacity in rolls
 * @returns rolls, price a roll, the time of each roll in s
 * @throws Refusal `packet` when it is not enough for one roll or more than 1000 would come of it
 * @source one-shot: stock / stock a roll; reused: the capacity, times by the reuse rule
 * @example
 * packetCost({ price: 12, stockMl: 1000, mlPerRoll: 300 }, { dilution: [1, 1], seconds: 600, reuse: { kind: "one-shot" } }).rolls // = 6
 */
export function packetCost(packet: Packet, way: WayOfUse): PacketCost {
  const parts = way.dilution.reduce((sum, part) => sum + part, 0);
  const stockPerRoll = Math.max(
    (packet.mlPerRoll * (way.dilution[0] ?? 1)) / parts,
    way.minimumMl ?? 0,
  );
  const reused = way.reuse.kind !== 'one-shot';
  const rolls =
    way.reuse.kind === 'replenish'
      ? // What stands in the tank stays; the rest of the packet tops it up.
        Math.floor((packet.stockMl - packet.mlPerRoll) / way.reuse.mlPerRoll + 1e-9) + 1
      : reused && way.capacityRolls !== undefined
        ? way.capacityRolls
        : Math.floor(packet.stockMl / stockPerRoll + 1e-9);
  if (!(rolls >= 1 && rolls <= MOST_ROLLS)) {
    throw new Refusal(
      'packet',
      '/stockMl',
      rolls > MOST_ROLLS
        ? 'No packet is good for over a thousand rolls. Check its volume and the volume a roll.'
        : 'The packet is not enough for one roll.',
    );
  }
  const secondsOfRoll = Array.from(
    { length: rolls },
    (_, before) => way.seconds * (reused ? reuseFactor(way.reuse, before, packet.stockMl) : 1),
  );
  return {
    rolls,
    pricePerRoll: packet.price / rolls,
    secondsOfRoll,
    meanSeconds: secondsOfRoll.reduce((sum, seconds) => sum + seconds, 0) / rolls,
  };
}
