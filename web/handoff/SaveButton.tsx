import { useState, type ReactNode } from 'react';
import { fetchFile, reasonOf } from '../api/client';
import { useNotices } from '../common/Notices';
import { useOnceRead } from '../fields/reads';

/** Saves a file that is made at once, and says why where it cannot be made. */
export function SaveButton({ path, children }: { path: string; children: ReactNode }) {
  const [isMaking, setMaking] = useState(false);
  const fetchIt = async (): Promise<void> => {
    setMaking(true);
    try {
      await fetchFile(path);
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    } finally {
      setMaking(false);
    }
  };
  const save = useOnceRead(() => void fetchIt());
  return (
    <div className="offer-row">
      <button type="button" className="btn btn-outline-secondary btn-sm" disabled={isMaking} onClick={save}>
        {isMaking ? 'Writing…' : children}
      </button>
    </div>
  );
}
