import { Pick } from '../../fields/Choice';
import { CurveField } from '../../fields/CurveField';
import { NumberField } from '../../fields/NumberField';
import type { SheetMove } from '../../api/answers';
import { moveOf, ownMove, removeMove } from '../../piece/changes';
import type { FigureTarget, Move, Piece, WordsTarget } from '../../piece/document';
import { useDesk } from '../deskStore';

interface Props {
  piece: Piece;
  kind: Move['kind'];
  target: FigureTarget | WordsTarget;
  /** what it does now, pins and orders resolved */
  now: Now<'begin' | 'frames' | 'opens'> & Partial<Now<'curve' | 'curvePoints'>>;
  usualCurve: Move['curve'];
}

type Now<K extends keyof SheetMove> = { [P in K]: SheetMove[P] };

/** When a move begins, how long it lasts and how it runs. */
export function MoveFields({ piece, kind, target, now, usualCurve }: Props) {
  const edit = useDesk((state) => state.edit);
  const lines = useDesk((state) => state.computed?.sheet.lines) ?? {};
  const own = moveOf(piece, kind, target);
  const isFigure = 'chart' in target;
  const change = (work: (move: Move) => void): void =>
    edit((draft) => {
      work(
        ownMove(draft, kind, target, {
          begin: now.begin,
          frames: now.frames,
          curve: usualCurve,
          opens: now.opens as Move['opens'],
        }),
      );
    });
  const pin = own?.pin;
  return (
    <>
      <div className="field">
        <label htmlFor={`pin-${kind}`}>begins</label>
        <select
          id={`pin-${kind}`}
          className="form-select form-select-sm"
          value={pin ? `${pin.line}:${pin.word ?? 'line'}` : own || !isFigure ? 'frame' : 'order'}
          onChange={(event) => {
            const chosen = event.target.value;
            if (chosen === 'order') {
              if (own) edit((draft) => removeMove(draft, own.id));
              return;
            }
            if (chosen === 'frame') {
              change((move) => {
                move.begin = now.begin;
                move.pin = null;
              });
              return;
            }
            const [line, word] = chosen.split(':');
            change((move) => {
              move.pin = { line, word: word === 'line' ? null : Number(word), offset: pin?.offset ?? 0 };
              move.begin = now.begin;
            });
          }}
        >
          {isFigure && <option value="order">as the chart</option>}
          <option value="frame">on a frame</option>
          {piece.script.lines
            .filter(({ id, text }) => (lines[id]?.length ?? 0) > 0 && text.trim() !== '')
            .map(({ id, text }) => (
              <optgroup key={id} label={text.length > 44 ? `${text.slice(0, 42)}…` : text}>
                <option value={`${id}:line`}>with the line</option>
                {lines[id].map((word, index) => (
                  <option key={index} value={`${id}:${index}`}>
                    on “{word.text.replace(/[.,;:!?]+$/u, '')}”
                  </option>
                ))}
              </optgroup>
            ))}
        </select>
      </div>
      {pin ? (
        <NumberField
          label="offset"
          unit="frames"
          stage={piece.stage}
          value={pin.offset}
          min={-18000}
          max={18000}
          usual={0}
          onChange={(offset) =>
            change((move) => {
              if (move.pin) move.pin.offset = offset;
            })
          }
        />
      ) : (
        <NumberField
          label="at"
          unit="frames"
          stage={piece.stage}
          value={now.begin}
          min={0}
          max={18000}
          onChange={(begin) =>
            change((move) => {
              move.begin = begin;
            })
          }
        />
      )}
      <NumberField
        label="lasts"
        unit="frames"
        stage={piece.stage}
        value={now.frames}
        min={1}
        max={18000}
        usual={24}
        onChange={(frames) =>
          change((move) => {
            move.frames = frames;
          })
        }
      />
      {isFigure && (
        <Pick
          label={kind === 'entrance' ? 'opens' : 'closes'}
          value={now.opens as Move['opens']}
          options={[
            ['forward', 'forwards'],
            ['backward', 'backwards'],
            ['middle', kind === 'entrance' ? 'from its middle' : 'to its middle'],
          ]}
          onChange={(opens) =>
            change((move) => {
              move.opens = opens;
            })
          }
        />
      )}
      {now.curve && now.curvePoints ? (
        <CurveField
          value={own?.curve ?? usualCurve}
          numbers={now.curve}
          course={now.curvePoints}
          onChange={(curve) =>
            change((move) => {
              move.curve = curve;
            })
          }
        />
      ) : (
        <Pick
          label="curve"
          value={typeof own?.curve === 'string' ? own.curve : 'ease-out'}
          options={[
            ['linear', 'even'],
            ['ease', 'ease'],
            ['ease-in', 'ease in'],
            ['ease-out', 'ease out'],
            ['ease-in-out', 'ease in-out'],
          ]}
          onChange={(curve) =>
            change((move) => {
              move.curve = curve;
            })
          }
        />
      )}
    </>
  );
}
