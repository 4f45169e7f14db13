import { eyes } from '../../../contracts/settings';
import type { Eyes } from '../playStore';

/** the filter of the stage, by its id */
export const OTHER_EYES = 'other-eyes';

/** What the stage is seen through: colours as some people see them, or none. Nothing of it is filmed. */
export function OtherEyes({ kind }: { kind: Eyes }) {
  if (kind === 'usual') return null;
  const rows = eyes[kind].matrix.map((row) => [...row, 0, 0].join(' '));
  return (
    <>
      <svg width="0" height="0" className="position-absolute" aria-hidden="true">
        <filter id={OTHER_EYES} colorInterpolationFilters="linearRGB">
          <feColorMatrix type="matrix" values={[...rows, '0 0 0 1 0'].join(' ')} />
        </filter>
      </svg>
      <span className="stage-eyes" role="status">
        {eyes[kind].label}
      </span>
    </>
  );
}
