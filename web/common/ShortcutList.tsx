import { useEffect, useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from './Dialog';
import { isTyping } from './keys';

const KEYS: [string, [string, string][]][] = [
  [
    'Time',
    [
      ['Space', 'Play or stop'],
      ['← →, or , .', 'Previous or next frame; with Shift, jump ten frames'],
      ['Home, End', 'First or last frame'],
      ['J K L', 'Play backwards, stop, play forwards; press J or L again for faster'],
      ['O', 'Loop the line under the playhead'],
      ['V', 'Mute or unmute the recording'],
      ['B', 'Show or hide motion blur when paused'],
      [
        'Shift + click, or drag a box',
        'On the stems: select several keys to move together; drag an end to stretch them',
      ],
      ['Alt + drag', 'Copy a change or emphasis key'],
      ['Ctrl + wheel', 'Zoom time (over the script)'],
    ],
  ],
  [
    'Piece',
    [
      ['F, or Ctrl K anywhere', 'Find a setting, an act, a figure, a line, a kit or a piece'],
      ['Ctrl Z', 'Undo'],
      ['Ctrl Shift Z', 'Redo'],
      ['1 to 6', 'Switch bench tabs'],
      ['N', 'Add line at the playhead'],
      ['Y', 'Open or close the kits'],
      ['E', 'Open or close earlier versions'],
      ['G', 'Show or hide safe areas'],
      ['H', 'Show outlines only'],
      ['R', 'Show or hide the grid and margins'],
      ['S', 'Show all shapes side by side'],
      ['Ctrl + wheel', 'Zoom the stage at the pointer; once zoomed in, scroll to pan'],
      ['F6', 'Go to the next area of the desk; with Shift, the previous one'],
      ['Enter, on a bar', 'Collapse or expand that area'],
    ],
  ],
  [
    'Selection',
    [
      ['↑ ↓', 'Previous or next figure'],
      ['Arrows', 'Nudge selected charts, words and panels by 1 pixel; with Shift by 10'],
      ['Tab to a boundary', 'Change a part by one with the arrows; Enter types it, with Shift all others give'],
      ['A', 'Select all charts and words; deselect some in the list beside the bench'],
      ['Shift + click', 'Add to the selection; or drag a box around items'],
      ['Alt while dragging', 'Turn off snapping'],
      ['Delete', 'Remove the selected line, title or chart'],
      [
        'Ctrl C, Ctrl V',
        'Copy and paste charts, words, panels, shots, or a part’s look and moves, also between pieces',
      ],
      ['Ctrl D', 'Duplicate; move the copy and press again to go on by the same step'],
      ['Esc', 'Deselect'],
    ],
  ],
  [
    'Narration words',
    [
      ['↑ ↓', 'On a word in an open line: move it one frame; with Shift, ten'],
      ['Enter', 'Confirm an uncertain word'],
      ['Delete', 'Return a word to its detected time'],
      ['T', 'While tapping words: set this word’s time'],
    ],
  ],
  [
    'Sheet',
    [
      ['Type', 'Replace the cell; press Enter, F2 or click again to edit it'],
      ['Tab, Enter', 'Confirm and go to the next cell'],
      ['Shift and arrows', 'Select several cells to copy, paste or fill together'],
      ['Alt ↑ ↓', 'Move the row up or down'],
    ],
  ],
  [
    'Number fields',
    [
      ['↑ ↓', 'Change by one step; with Shift, ten'],
      ['Drag the name', 'Scrub the value'],
      ['Double-click the name', 'Reset to the default'],
      ['65*3.6, 1.5s, 35%, 126°', 'Type sums and units'],
    ],
  ],
];

/** All keys of the desk, in one place. */
export function ShortcutList() {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState('');
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.key !== '?' || isTyping(event.target)) return;
      // The field that has the keyboard next does not have this key too.
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
  const wanted = typed.trim().toLowerCase();
  const shown = KEYS.map(([group, keys]): (typeof KEYS)[number] => [
    group,
    keys.filter((key) => key.join(' ').toLowerCase().includes(wanted)),
  ]).filter(([, keys]) => keys.length > 0);
  return (
    <>
      <button
        type="button"
        className="quiet-button"
        onClick={() => setOpen(true)}
        title="Keyboard shortcuts (?)"
        aria-label="Keyboard shortcuts"
      >
        ?
      </button>
      {open && (
        <Dialog titled="keys-title" onClose={() => setOpen(false)} size="lg">
          <Modal.Header closeButton>
            <Modal.Title id="keys-title">Keyboard shortcuts</Modal.Title>
          </Modal.Header>
          <Modal.Body className="keys">
            <input
              type="search"
              className="form-control form-control-sm keys-search"
              aria-label="Find a key"
              placeholder="Find a key, or what it does"
              value={typed}
              maxLength={60}
              autoFocus
              onChange={({ target }) => setTyped(target.value)}
            />
            {shown.length === 0 && <p className="hint keys-search">No key does that. Find (F) looks everywhere.</p>}
            {shown.map(([group, keys]) => (
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
