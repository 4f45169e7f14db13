import { reasonOf, sendFile } from '../../api/client';
import { useNotices } from '../../common/Notices';
import { addPicture, addPicturePanel } from '../../piece/panels';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';

/** what a picture can be, for a file dialog, and how its name ends */
export const PICTURES = '.png,.jpg,.jpeg,.webp,.svg';
export const isPicture = (file: File): boolean => /\.(png|jpe?g|webp|svg)$/i.test(file.name);

/** Takes a picture into the piece; its id, or null where it could not be read. */
export async function takePicture(file: File): Promise<string | null> {
  const { id } = useDesk.getState();
  try {
    const kept = await sendFile('POST pictures', file, { query: { name: file.name.slice(0, 200) } });
    if (useDesk.getState().id !== id) return null;
    let made = '';
    useDesk.getState().edit((draft) => {
      made = addPicture(draft, { name: file.name.replace(/\.[^.]+$/, '').slice(0, 200), ...kept });
    });
    return made;
  } catch (error) {
    useNotices.getState().say(reasonOf(error), { bad: true });
    return null;
  }
}

/** Puts a picture on the stage, as a panel. */
export async function putPicture(file: File): Promise<void> {
  const picture = await takePicture(file);
  if (picture === null) return;
  let panel = '';
  useDesk.getState().edit((draft) => {
    panel = addPicturePanel(draft, picture);
  });
  usePlay.getState().select({ kind: 'panel', panel });
}
