import { readFile } from 'node:fs/promises';
import { decodePicture } from '../app/src/lib/nouns/picture/decode.server.ts';

/** Decodes one file as the server does, and says how long it took, ms, and the most memory it had, MB. */
const [path = ''] = process.argv.slice(2);
const bytes = await readFile(path);
const start = performance.now();
await decodePicture(bytes);
const ms = performance.now() - start;
console.log(JSON.stringify({ ms, mb: process.resourceUsage().maxRSS / 1024 }));
process.exit(0);
