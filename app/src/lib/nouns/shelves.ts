import type { TSchema } from 'typebox';
import { Bath, BathBody, bathExample } from './bath/contract.ts';
import { Calibration, CalibrationBody, calibrationExample } from './calibration/contract.ts';
import { ColourPrint, ColourPrintBody, colourPrintExample } from './colour-print/contract.ts';
import { Comparison, ComparisonBody, comparisonExample } from './comparison/contract.ts';
import { Enlarger, EnlargerBody, enlargerExample } from './enlarger/contract.ts';
import { Finding, FindingBody, findingExample } from './finding/contract.ts';
import { Holder, HolderBody, holderExample } from './holder/contract.ts';
import { KeptNegative, NegativeBody, negativeExample } from './negative/kept.ts';
import { PaperBody, PaperThing, paperExample } from './paper/contract.ts';
import { Procedure, ProcedureBody, procedureExample } from './procedure/contract.ts';
import { Proof, ProofBody, proofExample } from './proof/contract.ts';
import type { ShelfName } from './shelf-names.ts';
import { Substance, SubstanceBody, substanceExample } from './substance/contract.ts';
import { Tank, TankBody, tankExample } from './tank/contract.ts';
import { TwoNegatives, TwoNegativesBody, twoNegativesExample } from './two-negatives/contract.ts';
import { Vessel, VesselBody, vesselExample } from './vessel/contract.ts';

/** A kind of thing that stands on a shelf: few of them, listed whole, each with a name. */
interface Shelf {
  /** One of them, in a sentence. */
  readonly one: string;
  readonly body: TSchema;
  readonly kept: TSchema;
  readonly example: object;
}

/** What a thing of each shelf is. */
export const shelves = {
  tanks: { one: 'tank', body: TankBody, kept: Tank, example: tankExample },
  holders: { one: 'holder', body: HolderBody, kept: Holder, example: holderExample },
  baths: { one: 'bath', body: BathBody, kept: Bath, example: bathExample },
  procedures: { one: 'procedure', body: ProcedureBody, kept: Procedure, example: procedureExample },
  enlargers: { one: 'enlarger', body: EnlargerBody, kept: Enlarger, example: enlargerExample },
  papers: { one: 'paper', body: PaperBody, kept: PaperThing, example: paperExample },
  negatives: {
    one: 'negative',
    body: NegativeBody,
    kept: KeptNegative,
    example: negativeExample,
  },
  findings: { one: 'finding', body: FindingBody, kept: Finding, example: findingExample },
  proofs: { one: 'proof', body: ProofBody, kept: Proof, example: proofExample },
  vessels: { one: 'vessel', body: VesselBody, kept: Vessel, example: vesselExample },
  substances: {
    one: 'substance',
    body: SubstanceBody,
    kept: Substance,
    example: substanceExample,
  },
  calibrations: {
    one: 'calibration',
    body: CalibrationBody,
    kept: Calibration,
    example: calibrationExample,
  },
  comparisons: {
    one: 'comparison',
    body: ComparisonBody,
    kept: Comparison,
    example: comparisonExample,
  },
  'colour-prints': {
    one: 'colour print',
    body: ColourPrintBody,
    kept: ColourPrint,
    example: colourPrintExample,
  },
  'two-negatives': {
    one: 'print of two negatives',
    body: TwoNegativesBody,
    kept: TwoNegatives,
    example: twoNegativesExample,
  },
} as const satisfies Record<ShelfName, Shelf>;

/** What is written down of a thing on each shelf. */
export interface ShelfBodies {
  tanks: TankBody;
  holders: HolderBody;
  baths: BathBody;
  procedures: ProcedureBody;
  enlargers: EnlargerBody;
  papers: PaperBody;
  negatives: NegativeBody;
  findings: FindingBody;
  proofs: ProofBody;
  vessels: VesselBody;
  substances: SubstanceBody;
  calibrations: CalibrationBody;
  comparisons: ComparisonBody;
  'colour-prints': ColourPrintBody;
  'two-negatives': TwoNegativesBody;
}
