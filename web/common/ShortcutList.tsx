import { useEffect, useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from './Dialog';
import { isTyping } from './keys';

const KEYS: [string, [string, string][]][] = [
  [
    'Time',
    [
      ['Space', 'play or stop'],
      ['← →', 'one frame back or on'],
      ['Shift ← →', 'ten frames'],
      ['Home, End', 'first or last frame'],
      ['J K L', 'play backwards, stop, play; J and L again for faster'],
      ['O', 'loop the line under the playhead'],
      ['V', 'the recording is heard, or not'],
      ['B', 'what moves is shown blurred where it rests, or never'],
      ['Shift + click, or a frame', 'on the stems: picks keys, which then go together; an end stretches them'],
      ['Alt + drag', 'a key of a change or an emphasis: takes a copy along'],
      ['Ctrl + wheel', 'zoom time, over the script'],
    ],
  ],
  [
    'Piece',
    [
      ['Ctrl Z', 'undo'],
      ['Ctrl Shift Z', 'redo'],
      ['1 to 6', 'the faces of the bench'],
      ['N', 'a new line at the playhead'],
      ['G', 'safe area on or off'],
      ['H', 'hairlines instead of the picture'],
      ['S', 'all shapes of the stage beside each other'],
      ['Ctrl + wheel', 'nearer to the stage or farther, under the pointer; the wheel then moves the view'],
      ['F6', 'the next part of the desk; with Shift the one before'],
      ['Enter, on a bar', 'folds a part of the desk away, and back'],
    ],
  ],
  [
    'Selection',
    [
      ['↑ ↓', 'the figure before or after'],
      ['Ctrl and arrows', 'moves what is selected on the stage by a pixel; with Shift by ten'],
      ['A', 'takes all charts and texts at once; a list beside the bench leaves some of them out'],
      ['Shift + click', 'takes several things on the stage at once; so does a frame drawn around them'],
      ['Alt while dragging', 'nothing comes to rest on guides or whole steps'],
      ['Delete', 'take away the selected line, title or chart'],
      ['Ctrl C, Ctrl V', 'charts and words, here or in another piece; of a part its looks and moves'],
      ['Esc', 'let go'],
    ],
  ],
  [
    'Words of the narration',
    [
      ['↑ ↓', 'on a word of an unfolded line: a frame earlier or later; with Shift ten'],
      ['Enter', 'a doubtful word is right where it is'],
      ['Delete', 'gives a word back to where listening found it'],
      ['T', 'while words are tapped: this word is said now'],
    ],
  ],
  [
    'Sheet',
    [
      ['type', 'replaces what is in a cell; Enter, F2 or a second click edits it'],
      ['Tab, Enter', 'take it and go on'],
      ['Shift and arrows', 'several cells; they are copied, pasted and filled as one'],
      ['Alt ↑ ↓', 'moves the row'],
    ],
  ],
  [
    'Number fields',
    [
      ['↑ ↓', 'one step; with Shift ten'],
      ['drag the name', 'scrub the value'],
      ['double-click the name', 'its usual value, where it has one'],
      ['65*3.6, 1.5s, 35%, 126°', 'sums and units are understood'],
    ],
  ],
];

/** All keys of the desk, in one place. */
export function ShortcutList() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.key === '?' && !isTyping(event.target)) setOpen(true);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
  return (
    <>
      <button type="button" className="quiet-button" onClick={() => setOpen(true)} title="Keys (?)" aria-label="Keys">
        ?
      </button>
      {open && (
        <Dialog titled="keys-title" onClose={() => setOpen(false)} size="lg">
          <Modal.Header closeButton>
            <Modal.Title id="keys-title">Keys</Modal.Title>
          </Modal.Header>
          <Modal.Body className="keys">
            {KEYS.map(([group, keys]) => (
              <section key={group}>
                <h3>{group}</h3>
                <dl>
                  {keys.map(([key, what]) => (
                    <div key={key}>
                      <dt>{key}</dt>
                      <dd>{what}</dd>
                    </div>
                  ))}
                </dl>
              </section>
            ))}
          </Modal.Body>
        </Dialog>
      )}
    </>
  );
}
