import { Pick } from '../../fields/Choice';
import { CurveField } from '../../fields/CurveField';
import { NumberField } from '../../fields/NumberField';
import type { SheetMove } from '../../api/answers';
import { moveOf, ownMove, removeMove } from '../../piece/changes';
import type { FigureTarget, Move, Piece, WordsTarget } from '../../piece/document';
import { useDesk } from '../deskStore';
import { PinField } from './PinField';

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
  return (
    <>
      <PinField
        id={`pin-${kind}`}
        piece={piece}
        pin={own?.pin ?? null}
        begin={now.begin}
        isOwn={own !== undefined}
        canFollow={isFigure}
        onFollow={() => {
          if (own) edit((draft) => removeMove(draft, own.id));
        }}
        onFrame={(begin) =>
          change((move) => {
            move.begin = begin;
            move.pin = null;
          })
        }
        onPin={(pin) =>
          change((move) => {
            move.pin = pin;
            move.begin = now.begin;
          })
        }
      />
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
