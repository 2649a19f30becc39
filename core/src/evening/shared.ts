/** What is shared in a darkroom: who has it, has it alone, as far as there is one of it. */
export const sharedThings = [
  { id: 'hands', name: 'hands' },
  { id: 'tank', name: 'tank' },
  { id: 'enlarger', name: 'enlarger' },
  { id: 'trays', name: 'trays' },
  { id: 'washer', name: 'washer' },
  { id: 'line', name: 'line for drying' },
] as const;
export type SharedId = (typeof sharedThings)[number]['id'];

/** The room has one light at a time. */
export const roomLights = [
  { id: 'white', name: 'white light' },
  { id: 'red', name: 'red light' },
  { id: 'dark', name: 'the dark' },
] as const;
export type RoomLight = (typeof roomLights)[number]['id'];
