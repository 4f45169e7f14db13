import type { FontSample } from '../../api/answers';

/** thousandths of the size above the capitals and below the baseline */
const ABOVE = 260;
const BELOW = 300;

/** A text as it is set in a font, no wider than its place. */
export function SamplePicture({ sample, height }: { sample: FontSample; height: number }) {
  const tall = sample.capHeight + ABOVE + BELOW;
  return (
    <svg
      className="font-sample"
      height={height}
      viewBox={`0 ${-sample.capHeight - ABOVE} ${Math.max(1, sample.width)} ${tall}`}
      style={{ aspectRatio: `${Math.max(1, sample.width)} / ${tall}` }}
      preserveAspectRatio="xMinYMid meet"
      aria-hidden="true"
    >
      <path d={sample.path} fill="currentColor" />
    </svg>
  );
}
