/** The table of a shelf: few of each, listed whole, found by their name. */
export const shelfTable = (name: string) => `CREATE TABLE ${name} (
  id uuid PRIMARY KEY,
  version integer NOT NULL CHECK (version > 0),
  body jsonb NOT NULL,
  name text NOT NULL)`;
