/** `00:00:08:19` as it is shown: hours only where there are any. */
export function shortTimecode(text: string): string {
  return text.replace(/^00:/, '').replace(/^0(?=\d:)/, '');
}

export function when(iso: string): string {
  const then = new Date(iso);
  const days = Math.floor((startOfDay(new Date()) - startOfDay(then)) / 86_400_000);
  if (days <= 0) return 'today';
  if (days === 1) return 'yesterday';
  return days < 7
    ? then.toLocaleDateString('en', { weekday: 'long' })
    : then.toLocaleDateString('en', { day: 'numeric', month: 'long' });
}

function startOfDay(date: Date): number {
  return new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime();
}

export function rateText([numerator, denominator]: [number, number]): string {
  return String(Math.round((numerator / denominator) * 1000) / 1000);
}

export function bytesText(bytes: number): string {
  return bytes > 1e6 ? `${(bytes / 1e6).toFixed(1)} MB` : `${Math.max(1, Math.round(bytes / 1e3))} kB`;
}

/** A length of time, as one says it: no more exactly than it is known. */
export function lengthText(seconds: number): string {
  if (seconds < 90) return `${Math.max(1, Math.round(seconds))} s`;
  if (seconds < 5_400) return `${Math.round(seconds / 60)} min`;
  return `${(seconds / 3_600).toFixed(1)} h`;
}

export function newId(prefix: string, taken: { id: string }[]): string {
  for (let number = taken.length + 1; ; number++) {
    const id = `${prefix}${number}`;
    if (!taken.some((one) => one.id === id)) return id;
  }
}

/** A number of things: “1 word”, “12 words”. */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}
