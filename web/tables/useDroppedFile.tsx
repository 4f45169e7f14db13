import { useEffect, useState, type ReactElement } from 'react';

/**
 * A file can be dropped anywhere on the page. While one is held over it, the page says what becomes of it.
 * @returns what lies over the page then
 */
export function useDroppedFile(says: string, onFile: (file: File) => void): ReactElement | null {
  const [over, setOver] = useState(false);
  useEffect(() => {
    let leaving = 0;
    const hasFile = (event: DragEvent): boolean => event.dataTransfer?.types.includes('Files') ?? false;
    const hold = (event: DragEvent): void => {
      if (!hasFile(event)) return;
      event.preventDefault();
      window.clearTimeout(leaving);
      setOver(true);
    };
    const leave = (): void => {
      // A drag over another element leaves the one before it first.
      leaving = window.setTimeout(() => setOver(false), 80);
    };
    const drop = (event: DragEvent): void => {
      setOver(false);
      const file = event.dataTransfer?.files[0];
      if (!file) return;
      event.preventDefault();
      onFile(file);
    };
    window.addEventListener('dragover', hold);
    window.addEventListener('dragleave', leave);
    window.addEventListener('drop', drop);
    return () => {
      window.clearTimeout(leaving);
      window.removeEventListener('dragover', hold);
      window.removeEventListener('dragleave', leave);
      window.removeEventListener('drop', drop);
    };
  }, [onFile]);
  if (!over) return null;
  return (
    <div className="drop-here" role="status">
      <p>{says}</p>
    </div>
  );
}
