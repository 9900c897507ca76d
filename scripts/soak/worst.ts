import { worstPieces, worstReadings } from '@/core/fixtures/worst';

/*
 * Gives each reader of files 25 MB (MB= for others) of the worst that can be made for it. Ends when one takes longer than
 * any may.
 */

const size = Number(process.env.MB ?? 25) * 1_000_000;
/** More than a reader takes for a character, the slowest line by line, on a slow machine (µs). */
const LONGEST = 20;

async function run(): Promise<void> {
  for (const { what, read } of worstReadings) {
    let slowest = { ms: 0, piece: '' };
    for (const piece of worstPieces) {
      const began = performance.now();
      await read(piece, size);
      const ms = performance.now() - began;
      if (ms > slowest.ms) slowest = { ms, piece };
      if ((1000 * ms) / size > LONGEST) {
        console.error(`${what} made of ${JSON.stringify(piece)} takes ${Math.round(ms)} ms`);
        process.exit(1);
      }
    }
    console.log(`${what}: at most ${Math.round(slowest.ms)} ms, of ${JSON.stringify(slowest.piece)}`);
  }
}

void run();
