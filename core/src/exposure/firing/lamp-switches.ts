/** What switches the enlarger's lamp, and what its firing sounds like. */
export const lampSwitches = [
  {
    id: 'screen',
    name: 'this screen’s lamp timer',
    more: 'simulated: it stands in for a timer that is plugged in',
    beats: true,
  },
  {
    id: 'own-timer',
    name: 'a timer of its own',
    more: 'started by hand on the long beep',
    beats: false,
  },
  {
    id: 'metronome',
    name: 'hand and metronome',
    more: 'a beat each second; card or switch by hand, for a bare lamp too',
    beats: true,
  },
] as const;

export type LampSwitchId = (typeof lampSwitches)[number]['id'];
