/**
 * Where things stand that each want to be somewhere, in their order and clear of each other: as near to what they want
 * as all of them together can be (the pool adjacent violators of isotonic regression; Ayer, Brunk, Ewing, Reid and
 * Silverman 1955).
 *
 * @param wanted in rising order
 * @param apart from one to the next, at least
 * @param least where the first can stand
 */
export function spread(wanted: number[], apart: number, least: number): number[] {
  const pools: { mean: number; count: number }[] = [];
  wanted.forEach((one, place) => {
    let pool = { mean: one - place * apart, count: 1 };
    for (let last = pools.at(-1); last && last.mean > pool.mean; last = pools.at(-1)) {
      pools.pop();
      const count = last.count + pool.count;
      pool = { mean: (last.mean * last.count + pool.mean * pool.count) / count, count };
    }
    pools.push(pool);
  });
  const free = pools.flatMap(({ mean, count }) => Array.from({ length: count }, () => mean));
  return free.map((one, place) => Math.max(one, least) + place * apart);
}
