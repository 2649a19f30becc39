import { packetCost, parseDilution, type PacketCost, type WayOfUse } from '@katachron/core';
import { line, scaleLinear } from 'd3';
import { attempt } from '../../words/attempt.ts';
import { clockTime, parseDuration } from '../../words/duration.ts';
import { readVolume, retypeVolume, typedVolume, type VolumeUnit } from '../../words/volume.ts';
import { number } from '../../kit/number-field.ts';

/** A packet as it is being typed, and the two ways of using it. */
export interface PacketForm {
  price: string;
  stock: string;
  perRoll: string;
  stockTime: string;
  percent: string;
  batch: string;
  capacity: string;
  dilution: string;
  dilutedTime: string;
  minimum: string;
}

/** A packet like many, as it would have been typed. */
export const usualPacket = (unit: VolumeUnit): PacketForm => ({
  price: '12',
  stock: typedVolume(1000, unit),
  perRoll: typedVolume(300, unit),
  stockTime: '7:30',
  percent: '12',
  batch: '5',
  capacity: '15',
  dilution: '1+1',
  dilutedTime: '10:30',
  minimum: '',
});

/** The same form with its volumes in the other unit. */
export function packetInUnit(
  form: PacketForm,
  from: VolumeUnit,
  to: VolumeUnit,
): Pick<PacketForm, 'stock' | 'perRoll' | 'minimum'> {
  return {
    stock: retypeVolume(form.stock, from, to),
    perRoll: retypeVolume(form.perRoll, from, to),
    minimum: retypeVolume(form.minimum, from, to),
  };
}

export interface PacketView {
  readonly troubles: Partial<Record<keyof PacketForm, string>>;
  readonly reused?: PacketCost;
  readonly diluted?: PacketCost;
  /** What it comes to, in a sentence. */
  readonly sentence?: string;
  readonly chart?: PacketChart;
}

/** Minutes of each roll, in per cent of the picture. */
export interface PacketChart {
  readonly reused: string;
  readonly diluted: string;
  readonly ends: readonly { readonly x: number; readonly y: number; readonly label: string }[];
  readonly up: readonly { readonly y: number; readonly label: string }[];
  readonly across: readonly { readonly x: number; readonly label: string }[];
}

/** Money with two digits, in whatever money it is. */
export const money = (amount: number) => amount.toFixed(2);

/** Works both ways of using a packet out, roll by roll. */
export function packetView(form: PacketForm, unit: VolumeUnit = 'ml'): PacketView {
  const volume = (text: string, what: string, usualMl: number, leastMl: number, mostMl: number) =>
    attempt(() => readVolume(text, { unit, what, usualMl, leastMl, mostMl }));
  const read = {
    price: number(form.price, 'Type what it cost, for example 12.', 0, 1e6),
    stock: volume(form.stock, 'the stock it makes', 1000, 1, 1e6),
    perRoll: volume(form.perRoll, 'what a roll stands in', 300, 1, 1e5),
    stockTime: attempt(() => parseDuration(form.stockTime)),
    percent: number(form.percent, 'Type per cent, for example 12.', 0, 200),
    batch: number(form.batch, 'Type rolls, for example 5.', 1, 100),
    capacity: number(form.capacity, 'Type rolls, for example 15.', 1, 1000),
    dilution: attempt(() => parseDilution(form.dilution)),
    dilutedTime: attempt(() => parseDuration(form.dilutedTime)),
    minimum:
      form.minimum.trim() === ''
        ? { value: 0 }
        : volume(form.minimum, 'what a roll wants', 100, 0, 1e5),
  };
  const troubles: PacketView['troubles'] = Object.fromEntries(
    Object.entries(read).flatMap(([name, { trouble }]: [string, { trouble?: string }]) =>
      trouble ? [[name, trouble]] : [],
    ),
  );
  if (Object.keys(troubles).length > 0) return { troubles };
  const packet = {
    price: read.price.value!,
    stockMl: read.stock.value!,
    mlPerRoll: read.perRoll.value!,
  };
  const cost = (way: WayOfUse) => attempt(() => packetCost(packet, way));
  const reused = cost({
    dilution: [1],
    seconds: read.stockTime.value!,
    reuse: { kind: 'batch', rolls: Math.round(read.batch.value!), percent: read.percent.value! },
    capacityRolls: Math.round(read.capacity.value!),
  });
  const diluted = cost({
    dilution: read.dilution.value!,
    seconds: read.dilutedTime.value!,
    reuse: { kind: 'one-shot' },
    ...(read.minimum.value && { minimumMl: read.minimum.value }),
  });
  if (!reused.value || !diluted.value) {
    return { troubles: { stock: reused.trouble ?? diluted.trouble ?? '' } };
  }
  return {
    troubles: {},
    reused: reused.value,
    diluted: diluted.value,
    sentence: compare(reused.value, diluted.value),
    chart: packetChart(reused.value, diluted.value),
  };
}

function compare(reused: PacketCost, diluted: PacketCost): string {
  const apart = diluted.pricePerRoll - reused.pricePerRoll;
  const slower = diluted.meanSeconds - reused.meanSeconds;
  const [cheap, dear] = apart >= 0 ? ['reused', 'diluted'] : ['diluted', 'reused'];
  const price =
    Math.abs(apart) < 0.005
      ? 'Both cost the same'
      : `Stock ${cheap === 'reused' ? 'reused' : 'diluted and thrown away'} saves ${money(Math.abs(apart))} a roll against ${dear === 'reused' ? 'reusing it' : 'diluting it'}`;
  const time =
    Math.abs(slower) < 1
      ? 'and takes as long'
      : `and diluted takes ${clockTime(Math.abs(slower))} ${slower > 0 ? 'longer' : 'less'} a roll on average`;
  return `${price}, ${time}. One-shot is the same every time; reused stock carries what the last roll left in it.`;
}

const EDGE = 3;

function packetChart(reused: PacketCost, diluted: PacketCost): PacketChart {
  const most = Math.max(reused.rolls, diluted.rolls);
  const times = [...reused.secondsOfRoll, ...diluted.secondsOfRoll];
  const x = scaleLinear([1, Math.max(2, most)], [EDGE, 100 - EDGE]);
  const y = scaleLinear([0, Math.max(...times)], [100 - EDGE, EDGE * 3]).nice();
  const path = line<number>(
    (_, roll) => x(roll + 1),
    (seconds) => y(seconds),
  );
  const end = (cost: PacketCost, label: string) => ({
    x: x(cost.rolls),
    y: y(cost.secondsOfRoll.at(-1) ?? 0),
    label,
  });
  return {
    reused: path(reused.secondsOfRoll) ?? '',
    diluted: path(diluted.secondsOfRoll) ?? '',
    ends: [end(reused, 'reused'), end(diluted, 'diluted')],
    up: scaleLinear(
      y.domain().map((seconds) => seconds / 60),
      [0, 1],
    )
      .ticks(4)
      .map((minutes) => ({ y: y(minutes * 60), label: clockTime(minutes * 60) })),
    across: x
      .ticks(Math.min(6, most))
      .filter(Number.isInteger)
      .map((roll) => ({ x: x(roll), label: roll === 1 ? 'roll 1' : String(roll) })),
  };
}
