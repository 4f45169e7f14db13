import { useState, type ComponentProps } from 'react';
import { CurveField } from '../../fields/CurveField';
import { Switch } from '../../fields/Choice';
import { kindOf } from '../../fields/curves';
import { useDesk } from '../deskStore';

type Props = Omit<ComponentProps<typeof CurveField>, 'kept'> & {
  /** whether a part runs past its figure with its curve, where it could */
  passes?: boolean;
  onPasses?: (passes: boolean) => void;
};

/** The curve of a move, with those that are kept with the piece; one of one’s own can be kept under a name. */
export function MoveCurve({ passes, onPasses, ...props }: Props) {
  const runsPast = props.course.some((part) => part < 0 || part > 1);
  const edit = useDesk((state) => state.edit);
  const kept = useDesk((state) => state.document?.curves) ?? [];
  const [name, setName] = useState<string | null>(null);
  const isKept = kept.some(({ curve }) => JSON.stringify(curve) === JSON.stringify(props.value));
  const keep = (): void => {
    const called = name?.trim();
    setName(null);
    if (called) edit((draft) => (draft.curves = [...(draft.curves ?? []), { name: called, curve: props.value }]));
  };
  return (
    <>
      <CurveField {...props} kept={kept} />
      {runsPast && (
        <>
          {onPasses && <Switch label="Overshoot the figure" value={passes ?? false} onChange={onPasses} />}
          <p className="hint">
            {passes && onPasses
              ? 'The part and its reading overshoot the figure, then return to it.'
              : 'Size overshoots; readings and sweeps stop at the figure.'}
          </p>
        </>
      )}
      {kindOf(props.value) !== 'named' && (
        <div className="curve-keep">
          {name !== null ? (
            <input
              className="field-text"
              autoFocus
              aria-label="Name of the curve"
              placeholder="Curve name"
              maxLength={60}
              value={name}
              onChange={(event) => setName(event.target.value)}
              onBlur={keep}
              onKeyDown={(event) => {
                if (event.key === 'Enter') event.currentTarget.blur();
                if (event.key === 'Escape') {
                  event.stopPropagation();
                  setName(null);
                }
              }}
            />
          ) : isKept ? (
            <button
              type="button"
              className="text-button"
              onClick={() =>
                edit((draft) => {
                  draft.curves = draft.curves?.filter(
                    ({ curve }) => JSON.stringify(curve) !== JSON.stringify(props.value),
                  );
                })
              }
            >
              Remove curve from the piece
            </button>
          ) : (
            <button type="button" className="text-button" disabled={kept.length >= 40} onClick={() => setName('')}>
              Save curve with the piece
            </button>
          )}
        </div>
      )}
    </>
  );
}
