import { useRef } from 'react';
import { FileInput } from '../../common/FileInput';
import { useNotices } from '../../common/Notices';

/** Takes the first path of an SVG file. */
export function PathFile({ onPath }: { onPath: (data: string) => void }) {
  const picker = useRef<HTMLInputElement>(null);
  const take = async (file: File): Promise<void> => {
    const say = useNotices.getState().say;
    if (file.size > 1_000_000) {
      say(`“${file.name}” is larger than 1 MB. Save only the path you need.`, { bad: true });
      return;
    }
    const read = new DOMParser().parseFromString(await file.text(), 'image/svg+xml');
    const data = read.querySelector('path[d]')?.getAttribute('d')?.trim() ?? '';
    if (data === '')
      say(`“${file.name}” contains no path. Convert its shape to a path and save it again.`, { bad: true });
    else if (data.length > 20_000) say('That path is too long. The limit is 20,000 characters.', { bad: true });
    else onPath(data);
  };
  return (
    <span className="span-all">
      <button type="button" className="text-button" onClick={() => picker.current?.click()}>
        <i className="bi bi-file-earmark" aria-hidden="true" /> Import path from SVG…
      </button>
      <FileInput picker={picker} label="An SVG file" accept=".svg,image/svg+xml" onFile={(file) => void take(file)} />
    </span>
  );
}
