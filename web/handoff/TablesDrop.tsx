import { useRef, useState, type DragEvent } from 'react';
import { addFiles } from './tables';

/** Where tables come in that the piece is to be made with. */
export function TablesDrop({ id, isReading, hasTables }: { id: string; isReading: boolean; hasTables: boolean }) {
  const picker = useRef<HTMLInputElement>(null);
  const [isOver, setOver] = useState(false);
  const take = (files: FileList | null): void => {
    if (files?.length) void addFiles(id, [...files]);
  };
  const drop = (event: DragEvent): void => {
    event.preventDefault();
    setOver(false);
    take(event.dataTransfer.files);
  };
  return (
    <div
      className={`tables-drop${isOver ? ' is-over' : ''}`}
      role="group"
      aria-label="Other tables"
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      <input
        ref={picker}
        type="file"
        multiple
        accept=".csv,.tsv,.txt,.xlsx,.ods,.json"
        className="d-none"
        aria-label="Files with tables"
        onChange={(event) => {
          take(event.target.files);
          event.target.value = '';
        }}
      />
      <span>
        <strong>{hasTables ? 'More tables' : 'The same with other tables'}</strong>
        <span className="soft">
          Drop files here: each file, each sheet, each name in a column or each column becomes films of its own.
        </span>
      </span>
      <button
        type="button"
        className="btn btn-outline-secondary btn-sm"
        disabled={isReading}
        onClick={() => picker.current?.click()}
      >
        {isReading ? 'Reading…' : 'Choose files…'}
      </button>
    </div>
  );
}
