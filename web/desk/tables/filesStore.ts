import { create } from 'zustand';
import { reasonOf } from '../../api/client';
import type { Import, IncomingTable } from '../../api/answers';
import { useNotices } from '../../common/Notices';
import { useDesk } from '../deskStore';
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
    const { id } = useDesk.getState();
    set({ reading: file.name });
    try {
      if (await pieceIn(file)) {
        useNotices.getState().say(`“${file.name}” is a piece. Drop it on the shelf to open it.`);
      } else {
        const table = await sendTable(file);
        if (useDesk.getState().id === id) set({ looked: { table }, again: null, another: null });
        else useNotices.getState().say(`“${file.name}” was for the piece before, and is let go. Drop it there again.`);
      }
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    }
    set({ reading: '' });
  },
  close: () => set({ looked: null, again: null, another: null }),
}));
