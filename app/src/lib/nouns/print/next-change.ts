import { stopsInWords } from '../../words/fraction.ts';
import type { Change, Verdict } from './sheet.ts';

type Asked = Pick<Change, 'stops' | 'settings'>;

const byContrast: Record<NonNullable<Verdict['contrast']>, number> = {
  right: 0,
  'too-soft': 1,
  'too-hard': -1,
};
/** Where the contrast is not judged, the blacks tell: thin ones want it harder. */
const byBlacks: Record<NonNullable<Verdict['blacks']>, number> = { full: 0, thin: 1, blocked: -1 };

/** What a dry sheet's verdict asks of the next version; nothing where it is as it should be. */
export function changeAsked({ highlightStops, contrast, blacks }: Verdict): Asked | undefined {
  const settings = contrast ? byContrast[contrast] : blacks ? byBlacks[blacks] : 0;
  const stops = -(highlightStops ?? 0);
  return stops === 0 && settings === 0 ? undefined : { stops: stops === 0 ? 0 : stops, settings };
}

/** "¼ stop lighter, one filter harder". */
export function changeWords({ stops, settings }: Asked, noun: string): string {
  const many = Math.abs(settings) === 1 ? 'one' : String(Math.abs(settings));
  const plural = Math.abs(settings) === 1 ? noun : `${noun}s`;
  return [
    stops !== 0 && `${stopsInWords(stops)} ${stops > 0 ? 'darker' : 'lighter'}`,
    settings !== 0 && `${many} ${plural} ${settings > 0 ? 'harder' : 'softer'}`,
  ]
    .filter(Boolean)
    .join(', ');
}

const bounded = (value: number, most: number) => Math.min(most, Math.max(-most, value));

/** A change on top of the one that the judged sheet was made with. */
export const addedChange = (before: Change | undefined, asked: Asked, by: string): Change => ({
  stops: bounded((before?.stops ?? 0) + asked.stops, 4),
  settings: bounded((before?.settings ?? 0) + asked.settings, 10),
  by,
});
