import { report } from './printer/report.ts';

/** The simulated printer alone: `SEED=2 ROOMS=500 npm run bench:printer`. */
report(Number(process.env.ROOMS ?? 1000), Number(process.env.SEED ?? 1));
