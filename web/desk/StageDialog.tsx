import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../common/Dialog';
import { ask, reasonOf } from '../api/client';
import { Pick, Switch } from '../fields/Choice';
import { NumberField } from '../fields/NumberField';
import { counted } from '../common/words';
import { useNotices } from '../common/Notices';
import { setRate } from '../piece/changes';
import type { Piece } from '../piece/document';
import { useDesk } from './deskStore';
import { usePlay } from './playStore';

const SIZES: [string, string][] = [
  ['1920x1080', '1920 × 1080, wide'],
  ['1280x720', '1280 × 720, wide'],
  ['3840x2160', '3840 × 2160, wide'],
  ['1080x1920', '1080 × 1920, upright'],
  ['1080x1350', '1080 × 1350, upright'],
  ['1080x1080', '1080 × 1080, square'],
  ['own', 'own size'],
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
  /** What stands by hand keeps its place in proportion: core says where that is. */
  const reshape = async (width: number, height: number): Promise<void> => {
    try {
      const { document: before, id } = useDesk.getState();
      const body = { document: before ?? piece, stage: { width, height } };
      const made = await ask<{ document: Piece }>('stage', { method: 'POST', body });
      if (useDesk.getState().id !== id) {
        useNotices.getState().say(`The new size was not set: “${piece.title}” was left before it was worked out.`);
        return;
      }
      // What was changed meanwhile is not lost: it is reshaped as well.
      if (useDesk.getState().document !== before) return await reshape(width, height);
      usePlay.getState().set({ view: null, shape: null });
      edit((draft) => {
        Object.assign(draft, made.document);
      });
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    }
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
          label="Frames a second"
          value={rate}
          options={RATES.some(([known]) => known === rate) ? RATES : [...RATES, [rate, rate]]}
          onChange={(chosen) =>
            edit((draft) => {
              setRate(draft, chosen.split('/').map(Number) as [number, number]);
              if (chosen !== '30000/1001' && chosen !== '60000/1001') draft.stage.dropFrame = false;
              useNotices
                .getState()
                .say(`Lines and moves kept their seconds; the piece has ${counted(draft.stage.frames, 'frame')} now.`);
            })
          }
        />
        <NumberField
          label="Width"
          unit="pixels"
          value={stage.width}
          min={64}
          max={3840}
          step={2}
          onChange={(width) => void reshape(Math.round(width / 2) * 2, stage.height)}
        />
        <NumberField
          label="Height"
          unit="pixels"
          value={stage.height}
          min={64}
          max={(2160 * 3840) / stage.width > 3840 ? 3840 : Math.floor((2160 * 3840) / stage.width)}
          step={2}
          onChange={(height) => void reshape(stage.width, Math.round(height / 2) * 2)}
        />
        <NumberField
          label="Length"
          unit="frames"
          stage={stage}
          value={stage.frames}
          min={1}
          max={18000}
          onChange={(frames) =>
            edit(({ stage: draft }) => {
              draft.frames = frames;
            })
          }
        />
        <Switch
          label="Drop-frame timecode"
          value={stage.dropFrame}
          disabled={!canDrop}
          onChange={(on) =>
            edit(({ stage: draft }) => {
              draft.dropFrame = on;
            })
          }
        />
        <p className="hint span-all">
          On a stage of another size everything is laid out anew; what stands by hand keeps its place in proportion. The
          length can be typed as frames (480), seconds (16s) or timecode (0:16:00). Lines and moves keep their seconds
          when the rate changes, and take other frames for them. Drop-frame timecode exists at 29.97 and 59.94.
        </p>
      </Modal.Body>
      <Modal.Footer>
        <Button onClick={onClose}>Done</Button>
      </Modal.Footer>
    </Dialog>
  );
}
