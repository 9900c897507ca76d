import { halves } from '@/core/fixtures/lines';
import { scoreOf, type Result } from '@/core/fixtures/lineScore';
import { readLine } from '@/core/capture/quickLine';
import { reader } from '@/core/fixtures/quickReader';

/*
 * How the quick line understands people: of lines that were written before its reader was, how many it reads as a careful
 * person does, how many otherwise, and of how many it says less. Then how long it takes for a line, and for long ones. `npm run bench:lines -- all` shows those of both halves.
 */

for (const [half, lines] of Object.entries(halves)) {
  const count = new Map<Result, number>();
  for (const [line, meaning, locale] of lines) {
    const { result, wanted, said } = scoreOf(line, meaning, locale);
    count.set(result, (count.get(result) ?? 0) + 1);
    if (result !== 'right' && (half === 'built' || process.argv[2] === 'all'))
      console.log(
        `${result}: ${line}\n   wanted ${wanted.join('; ') || 'a title'}\n   read   ${said.join('; ') || 'a title'}`,
      );
  }
  const shares = [...count].map(
    ([result, n]) => `${n} ${result} (${Math.round((100 * n) / lines.length)} %)`,
  );
  console.log(
    `${half === 'built' ? 'Built with' : 'Only counted'}: ${lines.length} lines, ${shares.join(', ')}`,
  );
}

/** Milliseconds that reading a line takes, the best of three. */
function timeOf(line: string): number {
  const times = [1, 2, 3].map(() => {
    const from = performance.now();
    readLine(line, reader);
    return performance.now() - from;
  });
  return Math.min(...times);
}

const all = [...halves.built, ...halves.counted].map(([line]) => line);
const slowest = Math.max(...all.map(timeOf));
console.log(`The slowest of them takes ${slowest.toFixed(1)} ms.`);
for (const length of [1000, 10_000]) {
  const long = all.join(', ').slice(0, length);
  console.log(`A line of ${length} characters takes ${timeOf(long).toFixed(1)} ms.`);
}
