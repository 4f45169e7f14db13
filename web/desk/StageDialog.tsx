import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../common/Dialog';
import { Pick, Switch } from '../fields/Choice';
import { counted } from '../common/words';
import { useNotices } from '../common/Notices';
import type { Piece } from '../../contracts/piece';
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

/** What is filmed: size, rate and length. */
export function StageDialog({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const edit = useDesk((state) => state.edit);
  const { stage } = piece;
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
        <OneField
          of="Stage"
          name="frames"
          value={stage.frames}
          onChange={(frames) =>
            edit(({ stage: draft }) => {
              draft.frames = frames;
            })
          }
        />
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
        <p className="hint span-all">
          Changing the size lays out the stage again; items placed by hand keep their relative position. Type the length
          as frames (480), seconds (16s) or timecode (0:16:00). Changing the rate keeps every time in seconds.
          Drop-frame timecode needs 29.97 or 59.94 fps.
        </p>
      </Modal.Body>
      <Modal.Footer>
        <Button onClick={onClose}>Done</Button>
      </Modal.Footer>
    </Dialog>
  );
}
