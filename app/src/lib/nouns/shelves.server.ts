import type { ModelStatic, Transaction } from 'sequelize';
import { bookColourPrint, bookProof, bookTwoNegatives } from './bath/book.server.ts';
import { withFormerNames } from './former-names.server.ts';
import { type ShelfBodies } from './shelves.ts';
import { shelfNames, type ShelfName } from './shelf-names.ts';
import { models, type ShelfRow } from '../server/database/models.ts';
import { versionedStore } from '../server/store/versioned.ts';

type Kept<Body> = Body & { readonly id: string; readonly version: number };

type Follows<Name extends ShelfName> = (
  before: ShelfBodies[Name] | undefined,
  written: Kept<ShelfBodies[Name]>,
  transaction: Transaction,
) => Promise<void>;

type Settled<Name extends ShelfName> = (
  before: ShelfBodies[Name] | undefined,
  sent: ShelfBodies[Name],
  id: string,
  transaction: Transaction,
) => Promise<ShelfBodies[Name]>;

/** What is kept beside what was sent, where something is. */
const settled: { readonly [Name in ShelfName]?: Settled<Name> } = {
  papers: withFormerNames('papers'),
  enlargers: withFormerNames('enlargers'),
};

/** What follows from a write, where something does. */
const follows: { readonly [Name in ShelfName]?: Follows<Name> } = {
  'colour-prints': bookColourPrint,
  'two-negatives': bookTwoNegatives,
  proofs: bookProof,
};

function shelf<Name extends ShelfName>(name: Name) {
  type Body = ShelfBodies[Name];
  const resource = ({ id, version, body }: ShelfRow<Body>): Kept<Body> => ({
    id,
    version,
    ...body,
  });
  // One model serves a shelf; which body its rows have is known only by the shelf's name.
  const model = () => models().shelfRows[name] as unknown as ModelStatic<ShelfRow<Body>>;
  const store = versionedStore<ShelfRow<Body>, Body, Kept<Body>>({
    model,
    columns: (body) => ({ name: body.name }) as Partial<ShelfRow<Body>>,
    resource,
    ...(settled[name] && { settled: settled[name] as Settled<Name> }),
    ...(follows[name] && { follows: follows[name] as Follows<Name> }),
  });
  return {
    ...store,
    /** Everything on it, by name. */
    async all(): Promise<Kept<Body>[]> {
      return (await model().findAll({ order: ['name', 'id'] })).map(resource);
    },
  };
}

type Shelves = { [Name in ShelfName]: ReturnType<typeof shelf<Name>> };

/** Tanks, holders, baths and procedures: few of each, listed whole. */
export const shelfStores = Object.fromEntries(
  shelfNames.map((name) => [name, shelf(name)]),
) as unknown as Shelves;
