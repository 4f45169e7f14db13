import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../common/Dialog';
import { Choice, Pick, Switch } from '../fields/Choice';
import { counted } from '../common/words';
import { useNotices } from '../common/Notices';
import type { Piece } from '../../contracts/piece';
import { recordingOf } from '../piece/voice';
import { act } from './act';
import { useDesk } from './deskStore';
import { usePlay } from './playStore';
import { OneField } from '../settings/OneField';
import { settingOf } from '../settings/settings';

const MAX_SIDE = settingOf('Stage', 'height').max ?? 0;
/** of 4K, the largest stage */
const MAX_PIXELS = 3840 * 2160;

const SIZES: [string, string][] = [
  ['1920x1080', '1920 × 1080, wide'],
  ['1280x720', '1280 × 720, wide'],
  ['3840x2160', '3840 × 2160, wide'],
  ['1080x1920', '1080 × 1920, upright'],
  ['1080x1350', '1080 × 1350, upright'],
  ['1080x1080', '1080 × 1080, square'],
  ['own', 'Custom size'],
];
const RATES: [string, string][] = [
  ['24000/1001', '23.976'],
  ['24/1', '24'],
  ['25/1', '25'],
  ['30000/1001', '29.97'],
  ['30/1', '30'],
  ['48/1', '48'],
  ['50/1', '50'],
  ['60000/1001', '59.94'],
  ['60/1', '60'],
];

const LENGTHS: ['fit' | 'end', string][] = [
  ['fit', 'Fit all into it'],
  ['end', 'Cut or hold the end'],
];

/** What is beyond the end of a piece that is cut. */
function beyond(piece: Piece, frames: number): string {
  const lines = piece.script.lines.filter(({ begin }) => begin >= frames).length;
  const moves = piece.moves.filter(({ begin, pin, follow }) => !pin && !follow && begin >= frames).length;
  const named = [...(lines > 0 ? [counted(lines, 'line')] : []), ...(moves > 0 ? [counted(moves, 'move')] : [])].join(
    ' and ',
  );
  const isOne = lines + moves === 1;
  return named && ` ${named} ${isOne ? 'begins' : 'begin'} after it now, and ${isOne ? 'is' : 'are'} kept.`;
}

/** What is filmed: size, rate and length. */
export function StageDialog({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const edit = useDesk((state) => state.edit);
  const { stage } = piece;
  const [fits, setFits] = useState(true);
  const reshape = async (width: number, height: number): Promise<void> => {
    if (await act('resize-stage', { width, height })) usePlay.getState().set({ view: null, shape: null });
  };
  const changeRate = async (rate: [number, number]): Promise<void> => {
    const { frame, go } = usePlay.getState();
    if (!(await act('change-rate', { rate }))) return;
    const frames = useDesk.getState().document?.stage.frames ?? 0;
    // The playhead keeps its moment too.
    usePlay.getState().set({ frames });
    go(Math.round((frame * frames) / stage.frames));
    useNotices
      .getState()
      .say(`Lines and moves keep their time in seconds. The piece now has ${counted(frames, 'frame')}.`);
  };
  /** In another length: all of it fitted, or its end cut or held, which is said. */
  const lengthen = async (frames: number): Promise<void> => {
    if (fits) {
      await act('fit-length', { frames });
      return;
    }
    edit(({ stage: draft }) => {
      draft.frames = frames;
    });
    const after = (frames < stage.frames && beyond(piece, frames)) || '';
    const by = counted(Math.abs(frames - stage.frames), 'frame');
    useNotices.getState().say(frames < stage.frames ? `Cut ${by} from the end.${after}` : `Added ${by} at the end.`);
  };
  const recording = recordingOf(piece);
  const size = `${stage.width}x${stage.height}`;
  const rate = stage.rate.join('/');
  const canDrop = rate === '30000/1001' || rate === '60000/1001';
  return (
    <Dialog titled="stage-title" onClose={onClose}>
      <Modal.Header closeButton>
        <Modal.Title id="stage-title">Stage</Modal.Title>
      </Modal.Header>
      <Modal.Body className="fields two-columns">
        <Pick
          label="Size"
          value={SIZES.some(([known]) => known === size) ? size : 'own'}
          options={SIZES}
          onChange={(chosen) => {
            if (chosen !== 'own') void reshape(...(chosen.split('x').map(Number) as [number, number]));
          }}
        />
        <Pick
          label={settingOf('Stage', 'rate').label}
          value={rate}
          options={RATES.some(([known]) => known === rate) ? RATES : [...RATES, [rate, rate]]}
          onChange={(chosen) => void changeRate(chosen.split('/').map(Number) as [number, number])}
        />
        <OneField
          of="Stage"
          name="width"
          step={2}
          value={stage.width}
          onChange={(width) => void reshape(Math.round(width / 2) * 2, stage.height)}
        />
        <OneField
          of="Stage"
          name="height"
          step={2}
          max={Math.min(MAX_SIDE, Math.floor(MAX_PIXELS / stage.width))}
          value={stage.height}
          onChange={(height) => void reshape(stage.width, Math.round(height / 2) * 2)}
        />
        <OneField of="Stage" name="frames" value={stage.frames} onChange={(frames) => void lengthen(frames)} />
        <Switch
          label={settingOf('Stage', 'dropFrame').label}
          value={stage.dropFrame}
          disabled={!canDrop}
          onChange={(on) =>
            edit(({ stage: draft }) => {
              draft.dropFrame = on;
            })
          }
        />
        <div className="span-all">
          <Choice
            label="When the length changes"
            value={fits ? 'fit' : 'end'}
            options={LENGTHS}
            onChange={(way) => setFits(way === 'fit')}
          />
        </div>
        <p className="hint span-all">
          {fits
            ? recording
              ? 'The recording keeps its pace, and pins stay on their words; what is before and after it gives way.'
              : 'Moves, lines, runs and loops become longer or shorter with the piece.'
            : 'Everything keeps its time; the end is cut, or held longer.'}
        </p>
        <p className="hint span-all">
          Changing the size lays out the stage again; items placed by hand keep their relative position. Type the length
          as frames (480), seconds (16s), minutes and seconds (0:16) or timecode (0:16:00). Changing the rate keeps
          every time in seconds. Drop-frame timecode needs 29.97 or 59.94 fps.
        </p>
      </Modal.Body>
      <Modal.Footer>
        <Button onClick={onClose}>Done</Button>
      </Modal.Footer>
    </Dialog>
  );
}
