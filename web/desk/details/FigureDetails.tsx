import { Fragment, useState } from 'react';
import { ColourField } from '../../fields/ColourField';
import { Pick, Switch } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import { columnIndex, isFigureMove, moveOf, ownMove, removeMove, setOwn, tableOf } from '../../piece/changes';
import type { Own, Piece } from '../../piece/document';
import { allAsOne } from '../../piece/timing';
import { useDesk } from '../deskStore';
import { EdgeFields, GLOW, PATTERN, PatternFields, STROKE, StrokeFields } from '../faces/finishFields';
import { figureOf } from '../sheet';
import { useProperties } from '../useForms';
import { ChangeList } from './ChangeList';
import { EmphasisList } from './EmphasisList';
import { LabelFields } from './LabelFields';
import { MoveFields } from './MoveFields';

type Side = keyof typeof SIDES;

/** One figure: when it comes and goes, and what its mark has of its own. */
export function FigureDetails({ piece, chartId, figureId }: { piece: Piece; chartId: string; figureId: string }) {
  const [side, setSide] = useState<Side>('entrance');
  const sheet = useDesk((state) => state.computed?.sheet);
  const edit = useDesk((state) => state.edit);
  const chart = piece.charts.find(({ id }) => id === chartId);
  const properties = useProperties(chart?.form.kind);
  const figure = figureOf(sheet, chartId, figureId);
  if (!chart || !figure)
    return (
      <div className="details-empty">
        <p>This row is not drawn yet. Give it a figure.</p>
      </div>
    );
  const target = { chart: chartId, figure: figureId };
  const moveKind = side === 'entrance' || side === 'exit' ? side : null;
  const move = moveKind && figure[moveKind];
  const isOwn = moveKind !== null && moveOf(piece, moveKind, target) !== undefined;
  const table = tableOf(piece, chart);
  const cell = table?.rows.find(({ id }) => id === figureId)?.cells[columnIndex(table, chart)] ?? '';
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
        {(['entrance', 'emphasis', 'changes', 'exit', 'own', 'label'] as const).map((one) => (
          <button
            key={one}
            type="button"
            className={`side${side === one ? ' is-on' : ''}`}
            aria-pressed={side === one}
            onClick={() => setSide(one)}
          >
            {SIDES[one]}
            {one === 'changes' && figure.changes.length > 0 && <span className="count">{figure.changes.length}</span>}
            {one === 'emphasis' && figure.emphases.length > 0 && (
              <span className="count">{figure.emphases.length}</span>
            )}
          </button>
        ))}
      </div>
      <div className="fields one-column">
        {moveKind && move && (
          <>
            <MoveFields
              piece={piece}
              kind={moveKind}
              target={target}
              now={move}
              usualCurve={chart[moveKind]?.curve ?? 'ease-in-out'}
            />
            {isOwn && (
              <button
                type="button"
                className="text-button"
                onClick={() =>
                  edit((draft) => {
                    draft.moves
                      .filter(
                        (one) =>
                          one.kind === moveKind && isFigureMove(one, chartId, figureId) && !('part' in one.target),
                      )
                      .forEach(({ id }) => removeMove(draft, id));
                  })
                }
              >
                <i className="bi bi-arrow-return-left" aria-hidden="true" /> as the chart
              </button>
            )}
            {isOwn && (
              <button
                type="button"
                className="text-button"
                title="As long, with this curve and manner; each keeps when it begins"
                onClick={() =>
                  edit((draft) => {
                    const one = draft.charts.find(({ id }) => id === chartId);
                    const own = moveOf(draft, moveKind, target);
                    if (one && own) allAsOne(draft, one, moveKind, own);
                  })
                }
              >
                <i className="bi bi-collection" aria-hidden="true" /> all parts as this one
              </button>
            )}
          </>
        )}
        {moveKind && !move && (
          <>
            <p className="hint">
              {moveKind === 'entrance' ? 'It is there from the first frame.' : 'It stays to the end.'}
            </p>
            <button type="button" className="btn btn-outline-secondary btn-sm" onClick={() => begin(moveKind)}>
              {side === 'entrance' ? 'Let it come in' : 'Let it leave'}
            </button>
          </>
        )}
        {side === 'changes' && (
          <ChangeList
            piece={piece}
            target={target}
            properties={properties?.figure ?? []}
            sheet={figure.changes}
            keyed={figure.keyed}
            first={(property) =>
              property.kind === 'cell'
                ? cell
                : property.name === 'out'
                  ? (chart.own[figureId]?.out ?? 0)
                  : property.usual
            }
            table={table}
          />
        )}
        {side === 'emphasis' && <EmphasisList piece={piece} target={target} sheet={figure.emphases} />}
        {side === 'label' && <LabelFields piece={piece} chart={chart} figure={figure} />}
        {side === 'own' && (
          <OwnLooks
            own={chart.own[figureId] ?? {}}
            colour={figure.colour}
            isOutKeyed={'out' in figure.keyed}
            isSolid={sheet?.charts[chartId]?.isSolid ?? false}
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

const SIDES = {
  entrance: 'comes in',
  emphasis: 'stands out',
  changes: 'changes',
  exit: 'leaves',
  own: 'its looks',
  label: 'its label',
};

type Source = 'chart' | 'none' | 'own';
const SOURCES: [Source, string][] = [
  ['chart', 'as the chart'],
  ['own', 'its own'],
  ['none', 'none'],
];

function sourceOf(value: unknown): Source {
  return value === undefined || value === null ? 'chart' : value === 'none' ? 'none' : 'own';
}

interface LooksProps {
  own: Own;
  colour: string;
  isOutKeyed: boolean;
  isSolid: boolean;
  onChange: (part: Own) => void;
}

function OwnLooks({ own, colour, isOutKeyed, isSolid, onChange }: LooksProps) {
  return (
    <>
      <Switch
        label="its own colour"
        value={sourceOf(own.fill) === 'own'}
        onChange={(on) => onChange({ fill: on ? colour : null })}
      />
      {own.fill && <ColourField label="colour" value={own.fill} onChange={(fill) => onChange({ fill })} />}
      {isSolid && <OwnFaces own={own} colour={own.fill ?? colour} onChange={onChange} />}
      <NumberField
        label="moved out"
        unit="pixels"
        value={own.out ?? 0}
        min={0}
        max={1000}
        step={2}
        usual={0}
        isKeyed={isOutKeyed}
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
        label="stroke"
        value={sourceOf(own.stroke)}
        options={SOURCES}
        onChange={(source) => onChange({ stroke: source === 'chart' ? null : source === 'none' ? 'none' : STROKE })}
      />
      {own.stroke && own.stroke !== 'none' && (
        <StrokeFields stroke={own.stroke} onChange={(stroke) => onChange({ stroke })} />
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

const FACES = { wall: 'outer wall', inner: 'inner wall', cut: 'cut faces' } as const;

/** Colours of a solid part's sides, each from its own colour until it is given another. */
function OwnFaces({ own, colour, onChange }: Pick<LooksProps, 'own' | 'colour' | 'onChange'>) {
  return (
    <>
      {(['wall', 'inner', 'cut'] as const).map((kind) => {
        const given = own.faces?.[kind] ?? null;
        const set = (next: string | null): void => {
          const faces = { ...own.faces, [kind]: next ?? undefined };
          onChange({ faces: Object.values(faces).some(Boolean) ? faces : undefined });
        };
        return (
          <Fragment key={kind}>
            <Switch label={FACES[kind]} value={given !== null} onChange={(on) => set(on ? colour : null)} />
            {given && <ColourField label={`${FACES[kind]}, colour`} value={given} onChange={set} />}
          </Fragment>
        );
      })}
    </>
  );
}
