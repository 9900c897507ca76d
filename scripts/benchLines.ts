import { halves } from '@/core/fixtures/lines';
import { scoreOf, type Result } from '@/core/fixtures/lineScore';

/*
 * How the quick line understands people: of lines that were written before its reader was, how many it reads as a careful
 * person does, how many otherwise, and of how many it says less. `npm run bench:lines -- all` shows those of both halves.
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
