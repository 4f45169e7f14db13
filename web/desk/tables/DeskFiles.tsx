import { useCallback, useState } from 'react';
import type { FontEntry } from '../../api/answers';
import type { Piece } from '../../../contracts/piece';
import { TableDialog } from '../../tables/TableDialog';
import { useDroppedFile } from '../../tables/useDroppedFile';
import { AddChart } from '../AddChart';
import { isPicture, putPicture } from '../faces/addPicture';
import { FontDialog } from '../fonts/FontDialog';
import { isFont, useAddFont } from '../fonts/useFonts';
import { useChart } from '../useChart';
import { AgainDialog } from './AgainDialog';
import { useFiles } from './filesStore';

/** What becomes of a file that is dropped on the desk: new figures for a table, another chart, or a picture. */
export function DeskFiles({ piece }: { piece: Piece }) {
  const { looked, again, another, close } = useFiles();
  const chart = useChart(piece);
  const addFont = useAddFont();
  const [font, setFont] = useState<FontEntry | null>(null);
  const over = useDroppedFile(
    'Drop here to update the figures, or to add a chart, a picture or a font',
    useCallback(
      (file: File) => {
        if (isFont(file)) void addFont(file).then(setFont);
        else if (isPicture(file)) void putPicture(file);
        else useFiles.getState().take(file);
      },
      [addFont],
    ),
  );
  const table = piece.tables.find(({ id }) => id === chart?.table) ?? piece.tables[0];
  return (
    <>
      {over}
      {looked && table && (
        <TableDialog
          first={looked.table}
          decided={looked.decided}
          take={`New figures for “${table.name || piece.title}”`}
          other={{
            label: 'Add as chart',
            run: (wanted) => useFiles.setState({ looked: null, another: { wanted, name: looked.table.name } }),
          }}
          onTake={(wanted) =>
            useFiles.setState({ looked: null, again: { wanted, name: looked.table.name, table: table.id } })
          }
          onClose={close}
        />
      )}
      {font && <FontDialog font={font} onClose={() => setFont(null)} />}
      {again && <AgainDialog piece={piece} {...again} onClose={close} />}
      {another && <AddChart piece={piece} file={another} onClose={close} />}
    </>
  );
}
