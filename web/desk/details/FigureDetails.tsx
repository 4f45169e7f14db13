import { useState } from 'react';
import { ColourField } from '../../fields/ColourField';
import { Pick, Switch } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import { isFigureMove, moveOf, ownMove, removeMove, setOwn } from '../../piece/changes';
import type { Own, Piece } from '../../piece/document';
import { useDesk } from '../deskStore';
import { EdgeFields, GLOW, PATTERN, PatternFields } from '../faces/finishFields';
import { figureOf } from '../sheet';
import { MoveFields } from './MoveFields';

/** One figure: when it comes and goes, and what its mark has of its own. */
export function FigureDetails({ piece, chartId, figureId }: { piece: Piece; chartId: string; figureId: string }) {
  const [side, setSide] = useState<'entrance' | 'exit' | 'own'>('entrance');
  const sheet = useDesk((state) => state.computed?.sheet);
  const edit = useDesk((state) => state.edit);
  const chart = piece.charts.find(({ id }) => id === chartId);
  const figure = figureOf(sheet, chartId, figureId);
  if (!chart || !figure)
    return (
      <div className="details-empty">
        <p>This row is not drawn yet. Give it a figure.</p>
      </div>
    );
  const target = { chart: chartId, figure: figureId };
  const move = side === 'own' ? null : figure[side];
  const isOwn = side !== 'own' && moveOf(piece, side, target) !== undefined;
  const hasOwnLooks = chart.own[figureId] !== undefined;
  const begin = (kind: 'entrance' | 'exit'): void =>
    edit((draft) => {
      ownMove(draft, kind, target, {
        begin: kind === 'entrance' ? 0 : Math.max(0, piece.stage.frames - 24),
        frames: 24,
        curve: 'ease-in-out',
        opens: 'forward',
      });
    });
  return (
    <>
      <div className="details-head">
        <span className="chip" style={{ background: figure.colour }} aria-hidden="true" />{' '}
        <strong>{figure.label || 'No label'}</strong>
        <span className="soft numerals ms-auto">{figure.value}</span>
      </div>
      <div className="details-sides" role="group" aria-label="What to change">
        {(['entrance', 'exit', 'own'] as const).map((one) => (
          <button
            key={one}
            type="button"
            className={`side${side === one ? ' is-on' : ''}`}
            aria-pressed={side === one}
            onClick={() => setSide(one)}
          >
            {{ entrance: 'comes in', exit: 'leaves', own: 'its looks' }[one]}
          </button>
        ))}
      </div>
      <div className="fields one-column">
        {side !== 'own' && move && (
          <>
            <MoveFields
              piece={piece}
              kind={side}
              target={target}
              now={move}
              usualCurve={chart[side]?.curve ?? 'ease-in-out'}
            />
            {isOwn && (
              <button
                type="button"
                className="text-button"
                onClick={() =>
                  edit((draft) => {
                    draft.moves
                      .filter((one) => one.kind === side && isFigureMove(one, chartId, figureId))
                      .forEach(({ id }) => removeMove(draft, id));
                  })
                }
              >
                <i className="bi bi-arrow-return-left" aria-hidden="true" /> as the chart
              </button>
            )}
          </>
        )}
        {side !== 'own' && !move && (
          <>
            <p className="hint">{side === 'entrance' ? 'It is there from the first frame.' : 'It stays to the end.'}</p>
            <button type="button" className="btn btn-outline-secondary btn-sm" onClick={() => begin(side)}>
              {side === 'entrance' ? 'Let it come in' : 'Let it leave'}
            </button>
          </>
        )}
        {side === 'own' && (
          <OwnLooks
            own={chart.own[figureId] ?? {}}
            colour={figure.colour}
            onChange={(part) =>
              edit((draft) => {
                const one = draft.charts.find(({ id }) => id === chartId);
                if (one) setOwn(one, figureId, part);
              })
            }
          />
        )}
        {side === 'own' && hasOwnLooks && (
          <button
            type="button"
            className="text-button"
            onClick={() =>
              edit((draft) => {
                const one = draft.charts.find(({ id }) => id === chartId);
                if (one) delete one.own[figureId];
              })
            }
          >
            <i className="bi bi-arrow-return-left" aria-hidden="true" /> as the chart
          </button>
        )}
      </div>
    </>
  );
}

type Source = 'chart' | 'none' | 'own';
const SOURCES: [Source, string][] = [
  ['chart', 'as the chart'],
  ['own', 'its own'],
  ['none', 'none'],
];

function sourceOf(value: unknown): Source {
  return value === undefined || value === null ? 'chart' : value === 'none' ? 'none' : 'own';
}

function OwnLooks({ own, colour, onChange }: { own: Own; colour: string; onChange: (part: Own) => void }) {
  return (
    <>
      <Switch
        label="its own colour"
        value={sourceOf(own.fill) === 'own'}
        onChange={(on) => onChange({ fill: on ? colour : null })}
      />
      {own.fill && <ColourField label="colour" value={own.fill} onChange={(fill) => onChange({ fill })} />}
      <NumberField
        label="moved out"
        unit="pixels"
        value={own.out ?? 0}
        min={0}
        max={1000}
        step={2}
        usual={0}
        onChange={(out) => onChange({ out: out === 0 ? undefined : out })}
      />
      <Pick
        label="pattern"
        value={sourceOf(own.pattern)}
        options={SOURCES}
        onChange={(source) => onChange({ pattern: source === 'chart' ? null : source === 'none' ? 'none' : PATTERN })}
      />
      {own.pattern && own.pattern !== 'none' && (
        <PatternFields pattern={own.pattern} onChange={(pattern) => onChange({ pattern })} />
      )}
      <Pick
        label="glow"
        value={sourceOf(own.glow)}
        options={SOURCES}
        onChange={(source) => onChange({ glow: source === 'chart' ? null : source === 'none' ? 'none' : GLOW })}
      />
      {own.glow && own.glow !== 'none' && <EdgeFields edge={own.glow} onChange={(glow) => onChange({ glow })} />}
    </>
  );
}
