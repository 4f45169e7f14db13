import { useRef } from 'react';
import { FileInput } from '../../common/FileInput';
import { reasonOf, sendFile } from '../../api/client';
import { useNotices } from '../../common/Notices';
import { useDesk } from '../deskStore';

interface Props {
  isOn: boolean;
  onChange: (tile: string) => void;
}

/** An SVG becomes the tile of a pattern: its shapes, in the pattern’s ink. */
export function OwnTile({ isOn, onChange }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const take = async (file: File): Promise<void> => {
    const { id } = useDesk.getState();
    try {
      const { tile } = await sendFile('POST tiles', file, { query: { name: file.name.slice(0, 200) } });
      if (useDesk.getState().id === id) onChange(tile);
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    }
  };
  return (
    <>
      <button
        type="button"
        className={`coat-sample is-file${isOn ? ' is-on' : ''}`}
        aria-pressed={isOn}
        title="Take the shapes of an SVG as the tile"
        onClick={() => input.current?.click()}
      >
        <span className="coat-picture">
          <i className="bi bi-plus-lg" aria-hidden="true" />
        </span>
        Own…
      </button>
      <FileInput picker={input} label="Add a tile" accept=".svg" onFile={(file) => void take(file)} />
    </>
  );
}
