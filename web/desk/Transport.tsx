import { useReadAloud } from '../common/Aloud';
import { rateText, shortTimecode } from '../common/words';
import type { Piece } from '../../contracts/piece';
import { recordingOf } from '../piece/voice';
import { useDesk } from './deskStore';
import { MomentField } from './MomentField';
import { usePlay } from './playStore';
import { ShapeSwitch } from './ShapeSwitch';
import { useTimecode } from './useTimecode';
import { ViewMenu } from './ViewMenu';

const SPEEDS = [0.25, 0.5, 1, 2];

export function Transport({ piece }: { piece: Piece }) {
  const { frame, playing, speed, loop, safeArea, isMuted, play, stop, step, go, set } = usePlay();
  const sheet = useDesk((state) => state.computed?.sheet);
  const timecode = useTimecode(sheet);
  const recording = recordingOf(piece);
  useReadAloud(timecode(frame), !playing);
  const line = piece.script.lines.find(({ begin, end }) => frame >= begin && frame < end);
  return (
    <div className="transport" role="group" aria-label="Transport">
      <button
        type="button"
        className="play"
        onClick={() => (playing ? stop() : play(Math.abs(speed)))}
        aria-label={playing ? 'Stop' : 'Play'}
        title={`${playing ? 'Stop' : 'Play'} (space)`}
      >
        <i className={`bi ${playing ? 'bi-pause-fill' : 'bi-play-fill'}`} />
      </button>
      <MomentField label="Timecode" shown={timecode(frame)} className="now-code" />
      <span className="soft numerals">of {shortTimecode(sheet?.length ?? '')}</span>
      <span className="frame-steps">
        <button
          type="button"
          className="text-button"
          onClick={() => step(-1)}
          aria-label="One frame back"
          title="Previous frame (←)"
        >
          <i className="bi bi-chevron-left" />
        </button>
        <span>
          frame <MomentField label="Frame" shown={String(frame)} className="frame-number" />
        </span>
        <button
          type="button"
          className="text-button"
          onClick={() => step(1)}
          aria-label="One frame on"
          title="Next frame (→)"
        >
          <i className="bi bi-chevron-right" />
        </button>
      </span>
      <button
        type="button"
        className={`text-button${loop ? ' is-on' : ''}`}
        aria-pressed={loop !== null}
        disabled={!loop && !line}
        title="Loop the line under the playhead (O)"
        onClick={() => {
          set({ loop: loop || !line ? null : { begin: line.begin, end: line.end } });
          if (!loop && line) go(line.begin);
        }}
      >
        <i className="bi bi-repeat" aria-hidden="true" /> <span className="is-spare">Loop</span>
      </button>
      <span className="flex-grow-1" />
      {recording?.sound && (
        <button
          type="button"
          className={`text-button${isMuted ? '' : ' is-on'}`}
          aria-pressed={!isMuted}
          aria-label={`Sound of “${recording.name}”`}
          title={`Mute or unmute “${recording.name}”, level ${Math.round(recording.level * 100)} % (V)`}
          onClick={() => set({ isMuted: !isMuted })}
        >
          <i className={`bi ${isMuted ? 'bi-volume-mute' : 'bi-volume-up'}`} aria-hidden="true" />
        </button>
      )}
      <label className="speed">
        <span className="visually-hidden">Speed</span>
        <select
          value={SPEEDS.includes(Math.abs(speed)) ? Math.abs(speed) : 1}
          onChange={(event) => {
            set({ speed: Number(event.target.value) });
          }}
          title={`1 × is ${rateText(piece.stage.rate)} frames a second`}
        >
          {SPEEDS.map((one) => (
            <option key={one} value={one}>
              {one} ×
            </option>
          ))}
        </select>
      </label>
      <ShapeSwitch piece={piece} />
      <ViewMenu hasShutter={Boolean(piece.shutter)} />
      <button
        type="button"
        className={`text-button${safeArea ? ' is-on' : ''}`}
        aria-pressed={safeArea}
        title="Show safe areas, 3.5 % and 5 % (G)"
        onClick={() => set({ safeArea: !safeArea })}
      >
        <i className="bi bi-bounding-box" aria-hidden="true" /> <span className="is-spare">Safe area</span>
      </button>
    </div>
  );
}
