import { prints } from '../../nouns/print/store.server.ts';
import { recipes } from '../../nouns/recipe/store.server.ts';
import { rolls } from '../../nouns/roll/store.server.ts';
import { shelfStores } from '../../nouns/shelves.server.ts';
import type { versionedStore } from '../store/versioned.ts';
import { printsInHand } from '../../nouns/in-hand/store.server.ts';
import { addEntry, entriesOf } from '../../nouns/bath/entries.server.ts';
import { demoCalibrations, demoComparisons } from './calibrations.ts';
import { demoColourPrints } from './colour-prints.ts';
import { demoTwoNegatives } from './two-negatives.ts';
import { demoBathEntries } from './bath-entries.ts';
import { demoPictures, pictureFile } from './pictures.ts';
import { pictures } from '../../nouns/picture/store.server.ts';
import { demoPrintsInHand } from './prints-in-hand.ts';
import { demoPrints } from './prints.ts';
import { demoRecipes } from './recipes.ts';
import { demoShelves } from './shelves.ts';
import { demoExposed, demoProof, demoRolls } from './rolls.ts';

/** Loads what is not there yet; what somebody changed since stays as they left it, so it can be loaded twice. */
export async function loadDemo(): Promise<void> {
  for (const { id, body } of demoRecipes) {
    if (!(await recipes.find(id))) await recipes.put(id, body);
  }
  for (const { shelf, id, body } of demoShelves) {
    // Which body a shelf takes is known only by its name.
    const store = shelfStores[shelf] as unknown as ReturnType<typeof versionedStore>;
    if (!(await store.find(id))) await store.put(id, body);
  }
  for (const { id, body } of demoCalibrations) {
    if (!(await shelfStores.calibrations.find(id))) await shelfStores.calibrations.put(id, body);
  }
  for (const { id, body } of demoComparisons) {
    if (!(await shelfStores.comparisons.find(id))) await shelfStores.comparisons.put(id, body);
  }
  for (const { id, body } of demoColourPrints) {
    const store = shelfStores['colour-prints'];
    if (!(await store.find(id))) await store.put(id, body);
  }
  for (const { id, body } of demoTwoNegatives) {
    const store = shelfStores['two-negatives'];
    if (!(await store.find(id))) await store.put(id, body);
  }
  for (const { bathId, entry } of demoBathEntries) {
    const known = (await entriesOf([bathId]))[bathId] ?? [];
    if (!known.some(({ id }) => id === entry.id)) await addEntry(bathId, entry);
  }
  for (const { id, body } of demoExposed) {
    if (!(await rolls.find(id))) await rolls.put(id, body);
  }
  for (const { id, body, events } of demoRolls) {
    if (await rolls.find(id)) continue;
    await rolls.put(id, body);
    for (const event of events) await rolls.addEvent(id, event);
  }
  if (!(await shelfStores.proofs.find(demoProof.id))) {
    await shelfStores.proofs.put(demoProof.id, demoProof.body);
  }
  for (const { id, body } of demoPrints) {
    if (!(await prints.find(id))) await prints.put(id, body);
  }
  for (const { id, name, inColour } of demoPictures) {
    if (!(await pictures.find(id))) await pictures.put(id, pictureFile(name), { inColour });
  }
  for (const { id, body } of demoPrintsInHand) {
    if (!(await printsInHand.find(id))) await printsInHand.put(id, body);
  }
}
