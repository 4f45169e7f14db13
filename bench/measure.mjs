/** Seconds that some work took, and its result. */
export function timed(work) {
  const began = process.hrtime.bigint();
  const result = work();
  return [Number(process.hrtime.bigint() - began) / 1e9, result];
}

export function median(numbers) {
  const sorted = [...numbers].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
}

/** The median, with the least and the most. */
export function spread(numbers, digits = 2) {
  const [least, most] = [Math.min(...numbers), Math.max(...numbers)];
  return `${median(numbers).toFixed(digits)} (${least.toFixed(digits)} to ${most.toFixed(digits)})`;
}
