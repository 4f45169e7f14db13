import { useRef } from 'react';
import { FileInput } from '../../common/FileInput';
import { panels } from '../../../contracts/settings';
import type { Panel, Piece } from '../../../contracts/piece';
import { addPanel, panelName } from '../../piece/panels';
import { settingOf, wordsOf } from '../../settings/settings';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { PICTURES, putPicture } from './addPicture';

const KINDS = Object.entries(wordsOf('Panel', 'kind')) as [Panel['kind'], string][];
const MOST = settingOf('Piece', 'panels').max ?? 0;

/** Plain shapes to put on the stage, and those that are there. */
export function PanelPicker({ piece }: { piece: Piece }) {
  const edit = useDesk((state) => state.edit);
  const picked = usePlay(({ selection }) => (selection?.kind === 'panel' ? selection.panel : null));
  const select = usePlay((state) => state.select);
  const there = piece.panels ?? [];
  const input = useRef<HTMLInputElement>(null);
  return (
    <section className="panel-picker">
      <h3>Panels</h3>
      <div className="panel-kinds" role="group" aria-label="Add a panel">
        {KINDS.map(([kind, word]) => (
          <button
            key={kind}
            type="button"
            className="panel-kind"
            disabled={there.length >= MOST}
            title={`Add a ${word.toLowerCase()}`}
            onClick={() => {
              let id = '';
              edit((draft) => {
                id = addPanel(draft, kind);
              });
              select({ kind: 'panel', panel: id });
            }}
          >
            <Shape kind={kind} />
            {word}
          </button>
        ))}
        <button
          type="button"
          className="panel-kind"
          disabled={there.length >= MOST}
          title="Add a logo or a picture: PNG, JPEG, WebP or SVG, up to 20 MB"
          onClick={() => input.current?.click()}
        >
          <i className="bi bi-image" aria-hidden="true" />
          Picture
        </button>
      </div>
      <FileInput
        picker={input}
        label="Picture for the stage"
        accept={PICTURES}
        onFile={(file) => void putPicture(file)}
      />
      {there.length > 0 && (
        <ul className="plain-list panel-list" aria-label="Panels on the stage">
          {there.map((panel) => (
            <li key={panel.id}>
              <button
                type="button"
                className={`list-pick${panel.id === picked ? ' is-picked' : ''}`}
                onClick={() => select({ kind: 'panel', panel: panel.id })}
              >
                <Shape kind={panel.kind} colour={panel.colour} />
                {panelName(panel)}
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function Shape({ kind, colour = 'currentColor' }: { kind: Panel['kind']; colour?: string }) {
  return (
    <svg viewBox="0 0 44 30" aria-hidden="true">
      <path d={panels[kind]} fill={colour} />
    </svg>
  );
}
