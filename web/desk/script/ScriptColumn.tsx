import { useEffect, useLayoutEffect, useRef, useState, type MouseEvent } from 'react';
import { useRoving } from '../../common/useRoving';
import { addLine } from '../../piece/changes';
import { recordingOf } from '../../piece/voice';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { useChart } from '../useChart';
import { RecordingBar } from '../voice/RecordingBar';
import { VoiceLane } from '../voice/VoiceLane';
import { KeysBar } from './KeysBar';
import { LineBlock } from './LineBlock';
import { Unwritten } from './Unwritten';
import { lanesWidth, otherLanes, OtherLanes } from './OtherLanes';
import { Playhead } from './Playhead';
import { TimeMenu } from './TimeMenu';
import { Rule } from './Rule';
import { lanesOf, widthOf } from './lanes';
import { Stems } from './Stems';
import { Ties } from './Ties';
import { useSeen } from './useSeen';

const FOOT = 64;
/** left edge of the stems, from the left edge of the column */
export const STEMS_AT = 0.635;
/** how wide a recording is shown, and where lines stand without one */
const VOICE = 44;
const LINES_AT = 72;

/** The spine of the desk: time runs down, with the lines, the stems and the playhead. */
export function ScriptColumn({ piece }: { piece: Piece }) {
  const sheet = useDesk((state) => state.computed?.sheet);
  const edit = useDesk((state) => state.edit);
  const zoom = usePlay((state) => state.zoom);
  const selection = usePlay((state) => state.selection);
  const scroller = useRef<HTMLDivElement>(null);
  const content = useRef<HTMLDivElement>(null);
  const fitted = useRef('');
  const [width, setWidth] = useState(500);
  const id = useDesk((state) => state.id);
  const chart = useChart(piece);
  const stems = useDesk((state) => state.stems);
  const stale = useDesk((state) => state.computed !== null && state.computed.reel === null);
  const figures = (chart && stems[chart.id]?.figures) ?? [];

  useLayoutEffect(() => {
    if (!scroller.current) return undefined;
    const watch = new ResizeObserver(([entry]) => setWidth(entry.contentRect.width));
    watch.observe(scroller.current);
    return () => watch.disconnect();
  }, []);
  // At first the whole piece is in sight, unless its lines would stand too close.
  useLayoutEffect(() => {
    if (!scroller.current || fitted.current === id) return;
    fitted.current = id;
    usePlay
      .getState()
      .set({ zoom: Math.max(1, Math.min(4, (scroller.current.clientHeight - FOOT) / piece.stage.frames)) });
  }, [id, piece.stage.frames]);
  // With a modifier the wheel zooms around the pointer; without, it scrolls.
  useEffect(() => {
    const target = scroller.current;
    if (!target) return undefined;
    const wheel = (event: WheelEvent): void => {
      if (!event.ctrlKey && !event.metaKey && !event.altKey) return;
      event.preventDefault();
      const at = event.clientY - target.getBoundingClientRect().top;
      const before = usePlay.getState().zoom;
      const after = Math.max(0.2, Math.min(16, before * Math.exp(-event.deltaY / 400)));
      usePlay.getState().set({ zoom: after });
      requestAnimationFrame(() => {
        target.scrollTop = ((target.scrollTop + at) / before) * after - at;
      });
    };
    target.addEventListener('wheel', wheel, { passive: false });
    return () => target.removeEventListener('wheel', wheel);
  }, []);

  const chips = useRef<HTMLDivElement>(null);
  useRoving(chips, '.lane-chip');
  useRoving(content, 'div.line-text');
  const seen = useSeen(scroller, zoom);
  const stemsAt = Math.round(width * STEMS_AT);
  const hasLanes = usePlay((state) => state.lanes);
  const others = otherLanes(piece);
  const beside = hasLanes ? lanesWidth(piece) : 0;
  const at = selection?.kind === 'figure' ? figures.findIndex((figure) => figure.id === selection.figure) : -1;
  const lanes = lanesOf(width - stemsAt - 10 - beside, figures.length, at);
  const newLine = (frame: number): void => {
    let made = '';
    edit((draft) => {
      made = addLine(draft, frame);
    });
    usePlay.getState().select({ kind: 'line', line: made });
  };
  const picking = usePlay((state) => state.pickingWord);
  const pickWord = (event: MouseEvent): void => {
    const place = (event.target as HTMLElement).closest<HTMLElement>('[data-word]')?.dataset.word;
    if (!picking || !place) return;
    event.stopPropagation();
    const [line, word] = place.split(':');
    picking.take({ line, word: Number(word) });
    usePlay.setState({ pickingWord: null });
  };
  const height = piece.stage.frames * zoom;
  const recording = recordingOf(piece);
  const linesAt = LINES_AT + (recording?.sound ? VOICE - 4 : 0);
  return (
    <section
      className={`script${stale ? ' is-stale' : ''}${picking ? ' is-picking' : ''}`}
      aria-label="Script and stems"
      onClickCapture={pickWord}
    >
      <div className="script-head">
        <span className="script-head-time">Time</span>
        <span className="script-head-lines" style={{ marginLeft: linesAt - LINES_AT }}>
          Narration
        </span>
        <button
          type="button"
          className="text-button"
          onClick={() => newLine(usePlay.getState().frame)}
          title="Add line at the playhead (N)"
        >
          <i className="bi bi-plus-lg" aria-hidden="true" /> <span className="is-spare">Add line</span>
        </button>
        <TimeMenu piece={piece} />
        {others.length > 0 && (
          <button
            type="button"
            className={`text-button lanes-fold${hasLanes ? ' is-on' : ''}`}
            aria-pressed={hasLanes}
            title={`${others.map(({ title }) => title).join(', ')}: show their moves beside the stems`}
            onClick={() => usePlay.getState().set({ lanes: !hasLanes })}
          >
            <i className="bi bi-list-nested" aria-hidden="true" />
            <span className="visually-hidden">Show lanes for words, charts, backdrop and camera</span>
          </button>
        )}
        <div className="lane-chips" ref={chips} role="group" aria-label="Stems" style={{ left: stemsAt }}>
          {figures.map((figure, index) => {
            const picked = selection?.kind === 'figure' && selection.figure === figure.id;
            return (
              <button
                key={figure.id}
                type="button"
                className={`lane-chip${picked ? ' is-picked' : ''}`}
                style={{
                  left: lanes[index].middle,
                  background: figure.colour,
                  width: Math.min(12, Math.max(lanes[index].width * 0.7, lanes[index].width - 2)),
                }}
                title={figure.label || 'No label'}
                aria-label={`Stem of ${figure.label || 'a figure without a label'}`}
                aria-pressed={picked}
                onClick={() =>
                  chart && usePlay.getState().select({ kind: 'figure', chart: chart.id, figure: figure.id })
                }
              />
            );
          })}
        </div>
      </div>
      <div className="script-scroll" ref={scroller} tabIndex={-1}>
        <div
          className="script-content"
          ref={content}
          style={{ height: Math.max(height, ...piece.script.lines.map(({ end }) => end * zoom)) + FOOT }}
        >
          <Rule frames={piece.stage.frames} zoom={zoom} seconds={sheet?.seconds ?? []} seen={seen} />
          {recording?.sound && <VoiceLane piece={piece} recording={recording} zoom={zoom} width={VOICE} seen={seen} />}
          <Stems
            figures={figures}
            chart={chart}
            piece={piece}
            left={stemsAt}
            lanes={lanes}
            zoom={zoom}
            height={height}
          />
          {hasLanes && <OtherLanes piece={piece} left={stemsAt + widthOf(lanes) + 4} zoom={zoom} height={height} />}
          <Ties
            piece={piece}
            figures={figures}
            chart={chart}
            stemsAt={stemsAt}
            lane={lanes[at]}
            zoom={zoom}
            content={content}
          />
          <Unwritten piece={piece} zoom={zoom} left={linesAt} right={stemsAt - 104} />
          {piece.script.lines.map((line, index) => (
            <LineBlock
              key={line.id}
              line={line}
              piece={piece}
              words={sheet?.lines[line.id] ?? []}
              zoom={zoom}
              left={linesAt}
              width={stemsAt - linesAt - 24}
              room={(piece.script.lines[index + 1]?.begin ?? Infinity) - line.begin}
              onNext={newLine}
            />
          ))}
          {piece.script.lines.length === 0 && (
            <div className="script-empty" style={{ width: stemsAt - 108, left: linesAt + 8 }}>
              <p>The narrator’s lines appear here, at the time they are spoken.</p>
              <button
                type="button"
                className="btn btn-outline-secondary btn-sm"
                onClick={() => newLine(usePlay.getState().frame)}
              >
                Type the first line
              </button>
            </div>
          )}
          <Playhead zoom={zoom} scroller={scroller} sheet={sheet} />
        </div>
      </div>
      <KeysBar piece={piece} />
      <RecordingBar piece={piece} />
    </section>
  );
}
