import { report } from './tests/report.ts';

/** Tests by a tablet on truths of other make: `SEED=2 CASES=500 npm run bench:tests`. */
report(Number(process.env.CASES ?? 200), Number(process.env.SEED ?? 1));
