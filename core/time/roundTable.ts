/** A pipe of a network: so much can still go through it, and the pipe that leads back. */
type Pipe = { readonly to: number; room: number; back: Pipe };

/** A network between numbered points, in which as much as possible is sent from one to another. */
function network(points: number) {
  const from: Pipe[][] = Array.from({ length: points }, () => []);
  return {
    /** A pipe of this width; its `back.room` is what goes through it in the end. */
    lay(a: number, b: number, width: number): Pipe {
      const pipe = { to: b, room: width } as Pipe; // made whole on the next line
      pipe.back = { to: a, room: 0, back: pipe };
      from[a]?.push(pipe);
      from[b]?.push(pipe.back);
      return pipe;
    },
    /** Sends all that can go, by the shortest ways first (Edmonds and Karp 1972). */
    fill(source: number, sink: number) {
      for (;;) {
        const cameBy = new Map<number, Pipe>();
        const queue = [source];
        for (let at = queue.shift(); at !== undefined && !cameBy.has(sink); at = queue.shift())
          for (const pipe of from[at] ?? [])
            if (pipe.room > 0 && pipe.to !== source && !cameBy.has(pipe.to)) {
              cameBy.set(pipe.to, pipe);
              queue.push(pipe.to);
            }
        const way: Pipe[] = [];
        for (let pipe = cameBy.get(sink); pipe; pipe = cameBy.get(pipe.back.to)) way.push(pipe);
        if (way.length === 0) return;
        const most = Math.min(...way.map(({ room }) => room));
        for (const pipe of way) {
          pipe.room -= most;
          pipe.back.room += most;
        }
      }
    },
  };
}

const sum = (numbers: readonly number[]) => numbers.reduce((total, number) => total + number, 0);

/**
 * The whole numbers of a table rounded to multiples of `step`: each of them, the sum of each row and of each column to one of
 * the two multiples beside it, and the sum of all to the nearest. That there is such a table is a theorem (Bacharach 1966);
 * it is found as a flow from rows to columns in which each pipe carries what is rounded up (Cox and Ernst 1982). Of several
 * such tables one that rounds up what loses most comes first, roughly.
 */
export function roundTable(table: readonly (readonly number[])[], step: number): number[][] {
  const columns = table[0]?.length ?? 0;
  const down = table.map((row) => row.map((number) => Math.floor(number / step)));
  const total = Math.round(sum(table.map(sum)) / step);
  const [source, sink, more, less] = [0, 1, 2, 3].map((i) => table.length + columns + i) as [
    number,
    number,
    number,
    number,
  ]; // four of four
  const { lay, fill } = network(table.length + columns + 4);
  /** A pipe that carries at least `least`: so much is sent through it from the start. */
  const layBetween = (a: number, b: number, least: number, most: number) => {
    lay(more, b, least);
    lay(a, less, least);
    return lay(a, b, most - least);
  };
  /** What a line of the table has to gain by rounding up, at least and at most. */
  const gains = (numbers: readonly number[], own: readonly number[]) =>
    [Math.floor, Math.ceil].map((round) => round(sum(numbers) / step) - sum(own)) as [number, number]; // two of two
  table.forEach((row, i) => layBetween(source, i, ...gains(row, down[i] ?? [])));
  for (let j = 0; j < columns; j += 1)
    layBetween(
      table.length + j,
      sink,
      ...gains(
        table.map((row) => row[j] ?? 0),
        down.map((row) => row[j] ?? 0),
      ),
    );
  const all = sum(down.map(sum));
  layBetween(sink, source, total - all, total - all);
  const cells = table
    .flatMap((row, i) => row.map((number, j) => ({ i, j, lost: number % step })))
    .filter(({ lost }) => lost > 0)
    .sort((a, b) => b.lost - a.lost)
    .map((cell) => ({ ...cell, pipe: lay(cell.i, table.length + cell.j, 1) }));
  fill(more, less);
  const up = new Set(cells.filter(({ pipe }) => pipe.room === 0).map(({ i, j }) => `${i} ${j}`));
  return down.map((row, i) => row.map((number, j) => (number + (up.has(`${i} ${j}`) ? 1 : 0)) * step));
}
