import { worstPieces, worstReadings } from '../fixtures/worst';

// what costs the square of its length would take hours; `npm run soak` does the same with 25 MB
test.each(worstReadings)(
  'the worst of $what is read as quickly as any text',
  async ({ read }) => {
    for (const piece of worstPieces) await read(piece, 80_000);
  },
  60_000,
);
