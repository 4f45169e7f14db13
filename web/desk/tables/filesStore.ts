import { create } from 'zustand';
import { reasonOf } from '../../api/client';
import type { Import, IncomingTable } from '../../api/answers';
import { useNotices } from '../../common/Notices';
import { pieceIn, sendTable } from '../../tables/incoming';

interface Files {
  /** the name of a file that is being read */
  reading: string;
  /** a file that is looked at before anything is done with it */
  looked: { table: IncomingTable; decided?: Import } | null;
  /** figures that come in again, and the table they are for */
  again: { wanted: Import; name: string; table: string } | null;
  /** figures of another chart */
  another: { wanted: Import; name: string } | null;
  take: (file: File) => Promise<void>;
  close: () => void;
}

/** Files with tables that come onto the desk. */
export const useFiles = create<Files>((set) => ({
  reading: '',
  looked: null,
  again: null,
  another: null,
  take: async (file) => {
    set({ reading: file.name });
    try {
      if (await pieceIn(file)) {
        useNotices.getState().say(`“${file.name}” is a piece. Drop it on the shelf, and it opens.`);
      } else {
        set({ looked: { table: await sendTable(file) }, again: null, another: null });
      }
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    }
    set({ reading: '' });
  },
  close: () => set({ looked: null, again: null, another: null }),
}));
