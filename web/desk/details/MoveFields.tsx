import { Pick, Switch } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import type { SheetMove } from '../../api/answers';
import { moveOf, orderOf, ownMove, removeMove, type ComingTarget, type Manner } from '../../piece/changes';
import type { Move, Piece } from '../../piece/document';
import { useDesk } from '../deskStore';
import { BENDING, MANNERS, WORD_MANNERS, WRITTEN } from './manners';
import { OpensPick } from './OpensPick';
import { PinField } from './PinField';
import { MoveCurve } from './MoveCurve';

interface Props {
  piece: Piece;
  kind: Move['kind'];
  target: ComingTarget;
  /** what it does now, pins and orders resolved */
  now: Now<'begin' | 'frames' | 'opens'> & Partial<Now<'curve' | 'curvePoints' | 'manner'>>;
  usualCurve: Move['curve'];
}

type Now<K extends keyof SheetMove> = { [P in K]: SheetMove[P] };

/** When a move begins, how long it lasts and how it runs. */
export function MoveFields({ piece, kind, target, now, usualCurve }: Props) {
  const edit = useDesk((state) => state.edit);
  const own = moveOf(piece, kind, target);
  const isFigure = 'chart' in target && !('part' in target);
  const manners: [Manner, string][] = isFigure
    ? MANNERS[kind as 'entrance']
    : WORD_MANNERS[kind as 'entrance'].filter(([name]) => 'words' in target || !WRITTEN.includes(name));
  const isOpening = isFigure && (kind === 'entrance' || kind === 'exit') && (now.manner ?? 'open') === 'open';
  const hasRoom = useDesk((state) => 'chart' in target && state.computed?.sheet.charts[target.chart]?.hasRoom);
  const change = (work: (move: Move) => void): void =>
    edit((draft) => {
      work(
        ownMove(draft, kind, target, {
          begin: now.begin,
          frames: now.frames,
          curve: usualCurve,
          opens: now.opens as Move['opens'],
          manner: now.manner,
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
            delete move.follow;
          })
        }
        onPin={(pin) =>
          change((move) => {
            move.pin = pin;
            move.begin = now.begin;
            delete move.follow;
          })
        }
        move={own}
        onBehind={(follow) =>
          change((move) => {
            move.begin = now.begin;
            move.pin = null;
            move.follow = follow;
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
            delete move.toLineEnd;
          })
        }
      />
      <Switch
        label="to the end of the line"
        value={own?.toLineEnd ?? false}
        onChange={(on) =>
          change((move) => {
            if (on) move.toLineEnd = true;
            else {
              delete move.toLineEnd;
              move.frames = now.frames;
            }
          })
        }
      />
      {(kind === 'entrance' || kind === 'exit') && (
        <Pick
          label={kind === 'entrance' ? 'comes' : 'goes'}
          value={now.manner ?? 'open'}
          options={[...manners, ...(now.manner === 'bend' ? [BENDING] : [])]}
          onChange={(manner) =>
            change((move) => {
              if (manner !== 'bend') move.manner = manner;
            })
          }
        />
      )}
      {isOpening && 'chart' in target && (
        <OpensPick
          kind={kind as 'entrance' | 'exit'}
          chart={target.chart}
          value={now.opens as Move['opens']}
          onChange={(opens) =>
            change((move) => {
              move.opens = opens;
            })
          }
        />
      )}
      {now.curvePoints ? (
        <MoveCurve
          value={own?.curve ?? usualCurve}
          numbers={now.curve ?? null}
          course={now.curvePoints}
          onChange={(curve) =>
            change((move) => {
              move.curve = curve;
            })
          }
          passes={(own ?? orderOf(piece, kind, target))?.passes}
          onPasses={isOpening && hasRoom ? (passes) => change((move) => (move.passes = passes)) : undefined}
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
