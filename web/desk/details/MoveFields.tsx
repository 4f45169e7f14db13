import type { SheetMove } from '../../api/answers';
import { moveOf, orderOf, ownMove, removeMove, type ComingTarget, type Manner } from '../../piece/changes';
import type { Move, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { BENDING, MANNERS, WORD_MANNERS, WRITTEN } from './manners';
import { OpensPick } from './OpensPick';
import { PinField } from './PinField';
import { MoveCurve } from './MoveCurve';
import { Pick } from '../../fields/Choice';
import { CURVE_NAMES } from '../../fields/curves';
import { OneField } from '../../settings/OneField';
import { settingOf } from '../../settings/settings';

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
  const isPanel = 'panel' in target;
  const manners: [Manner, string][] =
    isFigure || isPanel ? MANNERS : WORD_MANNERS.filter(([name]) => 'words' in target || !WRITTEN.includes(name));
  const isOpening =
    (isFigure || isPanel) && (kind === 'entrance' || kind === 'exit') && (now.manner ?? 'open') === 'open';
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
        onFollowMove={(follow) =>
          change((move) => {
            move.begin = now.begin;
            move.pin = null;
            move.follow = follow;
          })
        }
      />
      <OneField
        of="Move"
        name="frames"
        value={now.frames}
        onChange={(frames) =>
          change((move) => {
            move.frames = frames;
            delete move.toLineEnd;
          })
        }
      />
      <OneField
        of="Move"
        name="toLineEnd"
        value={own?.toLineEnd}
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
          label={settingOf('Move', 'manner').label}
          value={now.manner ?? 'open'}
          options={[...manners, ...(now.manner === 'bend' ? [BENDING] : [])]}
          onChange={(manner) =>
            change((move) => {
              if (manner !== 'bend') move.manner = manner;
            })
          }
        />
      )}
      {isOpening && (
        <OpensPick
          chart={'chart' in target ? target.chart : undefined}
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
          label={settingOf('Move', 'curve').label}
          value={typeof own?.curve === 'string' ? own.curve : 'ease-out'}
          options={CURVE_NAMES}
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
