import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';
import type { HandState, InHandBody } from '../../nouns/in-hand/contract.ts';
import type { PrintBody } from '../../nouns/print/contract.ts';
import type { KeptEntry } from '../../nouns/bath/ledger.ts';
import type { ProcessEvent } from '../../nouns/process/contract.ts';
import type { RecipeBody } from '../../nouns/recipe/contract.ts';
import type { Roll, RollBody } from '../../nouns/roll/contract.ts';
import { type ShelfBodies } from '../../nouns/shelves.ts';
import { shelfNames, type ShelfName } from '../../nouns/shelf-names.ts';
import { database } from './connection.ts';

/** What every row written whole under a version has: what is searched is a column, the rest is its body. */
export interface VersionedFields<Body> {
  id: string;
  version: number;
  body: Body;
}

export class RecipeRow
  extends Model<InferAttributes<RecipeRow>, InferCreationAttributes<RecipeRow>>
  implements VersionedFields<RecipeBody>
{
  declare id: string;
  declare version: number;
  declare body: RecipeBody;
  declare film: string;
  declare developer: string;
  declare exposureIndex: number;
}

/** A row of any shelf. */
export class ShelfRow<Body>
  extends Model<InferAttributes<ShelfRow<Body>>, InferCreationAttributes<ShelfRow<Body>>>
  implements VersionedFields<Body>
{
  declare id: string;
  declare version: number;
  declare body: Body;
  declare name: string;
}

class TankRow extends ShelfRow<ShelfBodies['tanks']> {}
class HolderRow extends ShelfRow<ShelfBodies['holders']> {}
class BathRow extends ShelfRow<ShelfBodies['baths']> {}
class ProcedureRow extends ShelfRow<ShelfBodies['procedures']> {}
class EnlargerRow extends ShelfRow<ShelfBodies['enlargers']> {}
class PaperRow extends ShelfRow<ShelfBodies['papers']> {}
class NegativeRow extends ShelfRow<ShelfBodies['negatives']> {}
class FindingRow extends ShelfRow<ShelfBodies['findings']> {}
class ProofRow extends ShelfRow<ShelfBodies['proofs']> {}
class VesselRow extends ShelfRow<ShelfBodies['vessels']> {}
class SubstanceRow extends ShelfRow<ShelfBodies['substances']> {}
class CalibrationRow extends ShelfRow<ShelfBodies['calibrations']> {}
class ComparisonRow extends ShelfRow<ShelfBodies['comparisons']> {}
class ColourPrintRow extends ShelfRow<ShelfBodies['colour-prints']> {}
class TwoNegativesRow extends ShelfRow<ShelfBodies['two-negatives']> {}

const shelfRows: Record<ShelfName, ModelStatic<Model>> = {
  tanks: TankRow,
  holders: HolderRow,
  baths: BathRow,
  procedures: ProcedureRow,
  enlargers: EnlargerRow,
  papers: PaperRow,
  negatives: NegativeRow,
  findings: FindingRow,
  proofs: ProofRow,
  vessels: VesselRow,
  substances: SubstanceRow,
  calibrations: CalibrationRow,
  comparisons: ComparisonRow,
  'colour-prints': ColourPrintRow,
  'two-negatives': TwoNegativesRow,
};

export class RollRow
  extends Model<InferAttributes<RollRow>, InferCreationAttributes<RollRow>>
  implements VersionedFields<RollBody>
{
  declare id: string;
  declare version: number;
  declare body: RollBody;
  declare title: string;
  declare words: string;
  declare material: string;
  declare setting: string;
  declare size: string;
  declare seconds: number;
  declare strips: CreationOptional<number>;
  declare tags: string[];
  declare state: CreationOptional<Roll['state']>;
  declare madeAt: Date;
  declare startedAt: CreationOptional<Date | null>;
  declare finishedAt: CreationOptional<Date | null>;
}

export class PrintRow
  extends Model<InferAttributes<PrintRow>, InferCreationAttributes<PrintRow>>
  implements VersionedFields<PrintBody>
{
  declare id: string;
  declare version: number;
  declare body: PrintBody;
  declare title: string;
  declare words: string;
  declare material: string;
  declare setting: string;
  declare size: string;
  declare seconds: number;
  declare strips: CreationOptional<number>;
  declare tags: string[];
  declare madeAt: Date;
  declare unjudgedAt: Date | null;
}

export class InHandRow
  extends Model<InferAttributes<InHandRow>, InferCreationAttributes<InHandRow>>
  implements VersionedFields<InHandBody>
{
  declare id: string;
  declare version: number;
  declare body: InHandBody;
  declare state: HandState;
  declare touchedAt: Date;
}

export class RunEventRow extends Model<
  InferAttributes<RunEventRow>,
  InferCreationAttributes<RunEventRow>
> {
  declare id: string;
  declare rollId: string;
  declare at: Date;
  declare body: ProcessEvent;
}

export class TrayEventRow extends Model<
  InferAttributes<TrayEventRow>,
  InferCreationAttributes<TrayEventRow>
> {
  declare id: string;
  declare sheetId: string;
  declare at: Date;
  declare body: ProcessEvent;
}

export class BathEntryRow extends Model<
  InferAttributes<BathEntryRow>,
  InferCreationAttributes<BathEntryRow>
> {
  declare id: string;
  declare bathId: string;
  /** The roll or the sheet that booked it. */
  declare sourceId: CreationOptional<string | null>;
  declare at: Date;
  declare body: KeptEntry;
}

export class PictureRow extends Model<
  InferAttributes<PictureRow>,
  InferCreationAttributes<PictureRow>
> {
  declare id: string;
  /** Of the file that it was made of. */
  declare digest: string;
  declare width: number;
  declare height: number;
  declare preview: Buffer;
  declare madeAt: Date;
}

export class OriginalRow extends Model<
  InferAttributes<OriginalRow>,
  InferCreationAttributes<OriginalRow>
> {
  declare id: string;
  declare type: string;
  declare file: Buffer;
}

export class ColoursRow extends Model<
  InferAttributes<ColoursRow>,
  InferCreationAttributes<ColoursRow>
> {
  declare id: string;
  declare preview: Buffer;
}

const versioned: ModelAttributes = {
  id: { type: DataTypes.UUID, primaryKey: true },
  version: { type: DataTypes.INTEGER, allowNull: false },
  body: { type: DataTypes.JSONB, allowNull: false },
};
const searched: ModelAttributes = {
  title: { type: DataTypes.TEXT, allowNull: false },
  words: { type: DataTypes.TEXT, allowNull: false },
  material: { type: DataTypes.TEXT, allowNull: false },
  setting: { type: DataTypes.TEXT, allowNull: false },
  size: { type: DataTypes.TEXT, allowNull: false },
  seconds: { type: DataTypes.DOUBLE, allowNull: false },
  strips: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
  tags: { type: DataTypes.ARRAY(DataTypes.TEXT), allowNull: false },
  madeAt: { type: DataTypes.DATE, allowNull: false },
};

let initialised: Sequelize | undefined;

/** The models, bound to the connection that is open now. */
export function models() {
  const sequelize = database();
  if (initialised !== sequelize) {
    const define = (model: ModelStatic<Model>, tableName: string, attributes: ModelAttributes) =>
      model.init(attributes, { sequelize, tableName, underscored: true, timestamps: false });
    define(RecipeRow, 'recipes', {
      ...versioned,
      film: { type: DataTypes.TEXT, allowNull: false },
      developer: { type: DataTypes.TEXT, allowNull: false },
      exposureIndex: { type: DataTypes.DOUBLE, allowNull: false },
    });
    for (const name of shelfNames) {
      // An address has hyphens, a table has not: its name stands in SQL without quotes.
      define(shelfRows[name], name.replaceAll('-', '_'), {
        ...versioned,
        name: { type: DataTypes.TEXT, allowNull: false },
      });
    }
    define(RollRow, 'rolls', {
      ...versioned,
      ...searched,
      state: { type: DataTypes.TEXT, allowNull: false, defaultValue: 'planned' },
      startedAt: { type: DataTypes.DATE },
      finishedAt: { type: DataTypes.DATE },
    });
    define(PrintRow, 'prints', {
      ...{ ...versioned, ...searched },
      unjudgedAt: { type: DataTypes.DATE },
    });
    define(InHandRow, 'prints_in_hand', {
      ...versioned,
      state: { type: DataTypes.TEXT, allowNull: false },
      touchedAt: { type: DataTypes.DATE, allowNull: false },
    });
    define(RunEventRow, 'run_events', {
      id: { type: DataTypes.UUID, primaryKey: true },
      rollId: { type: DataTypes.UUID, allowNull: false },
      at: { type: DataTypes.DATE, allowNull: false },
      body: { type: DataTypes.JSONB, allowNull: false },
    });
    define(TrayEventRow, 'tray_events', {
      id: { type: DataTypes.UUID, primaryKey: true },
      sheetId: { type: DataTypes.UUID, allowNull: false },
      at: { type: DataTypes.DATE, allowNull: false },
      body: { type: DataTypes.JSONB, allowNull: false },
    });
    define(BathEntryRow, 'bath_entries', {
      id: { type: DataTypes.UUID, primaryKey: true },
      bathId: { type: DataTypes.UUID, allowNull: false },
      sourceId: { type: DataTypes.UUID },
      at: { type: DataTypes.DATE, allowNull: false },
      body: { type: DataTypes.JSONB, allowNull: false },
    });
    define(PictureRow, 'pictures', {
      id: { type: DataTypes.UUID, primaryKey: true },
      digest: { type: DataTypes.TEXT, allowNull: false },
      width: { type: DataTypes.INTEGER, allowNull: false },
      height: { type: DataTypes.INTEGER, allowNull: false },
      preview: { type: DataTypes.BLOB, allowNull: false },
      madeAt: { type: DataTypes.DATE, allowNull: false },
    });
    define(OriginalRow, 'picture_originals', {
      id: { type: DataTypes.UUID, primaryKey: true },
      type: { type: DataTypes.TEXT, allowNull: false },
      file: { type: DataTypes.BLOB, allowNull: false },
    });
    define(ColoursRow, 'picture_colours', {
      id: { type: DataTypes.UUID, primaryKey: true },
      preview: { type: DataTypes.BLOB, allowNull: false },
    });
    initialised = sequelize;
  }
  return {
    shelfRows,
    RecipeRow,
    RollRow,
    PrintRow,
    InHandRow,
    RunEventRow,
    TrayEventRow,
    BathEntryRow,
    pictureRows: PictureRow,
    originalRows: OriginalRow,
    coloursRows: ColoursRow,
  };
}
