/** A number with its unit, as a field shows it. */
export function unitText(value: number, unit: string): string {
  const rounded = (digits: number): string => String(Number(value.toFixed(digits)));
  switch (unit) {
    case 'fraction':
      return `${Number((value * 100).toFixed(1))} %`;
    case 'degrees':
      return `${rounded(1)}°`;
    case 'pixels':
      return `${rounded(0)} px`;
    default:
      return rounded(2);
  }
}
