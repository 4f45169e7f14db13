import { create } from 'zustand';
import type { FoundWords, HeardFile, Listening, ScratchRead } from '../../api/answers';
import { ask, reasonOf, sendFile } from '../../api/client';
import { newAct } from '../../common/acts';
import { useNotices } from '../../common/Notices';
import { newId } from '../../common/words';
import type { Line, Recording } from '../../../contracts/piece';
import { stretchOf, takeOf, withInstead, type Spliced } from '../../piece/splice';
import { addRecording, changeRecording, millisecondsOf, recordingOf, setHeard, setLaid } from '../../piece/voice';
import { actBy } from '../act';
import { askedPiece, type AskedPiece } from '../askedPiece';
import { useDesk } from '../deskStore';

const ASK_EVERY = 300;

interface Work {
  /** the piece that it is for */
  piece: { id: string; title: string };
  /** what is done, as somebody reads it */
  doing: string;
  part: number;
  cancel: () => void;
}

interface VoiceState {
  work: Work | null;
  /** the word whose moment the next press of the key sets, while words are tapped */
  tapping: { line: string; word: number } | null;
}

export const useVoice = create<VoiceState>(() => ({ work: null, tapping: null }));

class GivenUp extends Error {}

/** One thing after another; a second one waits for nobody to press twice. */
async function working(begin: string, work: (piece: AskedPiece, signal: AbortSignal) => Promise<void>): Promise<void> {
  const piece = askedPiece();
  if (useVoice.getState().work || !piece) return;
  const control = new AbortController();
  useVoice.setState({ work: { piece, doing: begin, part: 0, cancel: () => control.abort() } });
  try {
    await work(piece, control.signal);
    if (!piece.isHere()) useNotices.getState().say(`Done in “${piece.title}”, which asked for it.`);
  } catch (error) {
    if (!control.signal.aborted && !(error instanceof GivenUp)) say(piece, reasonOf(error));
  } finally {
    useVoice.setState({ work: null });
  }
}

/** What went wrong, with the piece where that is no longer on the desk. */
function say({ title, isHere }: AskedPiece, text: string): void {
  useNotices.getState().say(isHere() ? text : `“${title}”: ${text}`, { bad: true });
}

function tell(doing: string, part: number): void {
  const { work } = useVoice.getState();
  if (work) useVoice.setState({ work: { ...work, doing, part } });
}

type Result = NonNullable<Listening['result']>;
const isFile = (result: Result): result is HeardFile => 'name' in result;
const isWords = (result: Result): result is FoundWords => 'unwritten' in result;
const isRead = (result: Result): result is ScratchRead => 'seconds' in result && 'heard' in result;

/** @param isIt whether that came of it which was asked for */
async function listen<T extends Result>(
  body: object,
  signal: AbortSignal,
  doing: string,
  isIt: (result: Result) => result is T,
): Promise<T> {
  let listening = await ask('POST listenings', { body });
  while (['waiting', 'running', 'cancelling'].includes(listening.status)) {
    const at = { listening: listening.id };
    if (signal.aborted) {
      await ask('POST listenings/{listening}/cancel', { at });
      throw new GivenUp();
    }
    tell(listening.doing || doing, listening.part);
    await new Promise((resolve) => window.setTimeout(resolve, ASK_EVERY));
    listening = await ask('GET listenings/{listening}', { at });
  }
  const { status, result, message } = listening;
  if (status === 'done' && result && isIt(result)) return result;
  throw message ? new Error(message) : new GivenUp();
}

async function upload(file: File, signal: AbortSignal): Promise<string> {
  const begun = await ask('POST uploads', { body: { name: file.name.slice(0, 200), bytes: file.size } });
  for (let at = 0; at < file.size;) {
    if (signal.aborted) {
      await ask('DELETE uploads/{upload}', { at: { upload: begun.id } });
      throw new GivenUp();
    }
    tell('Uploading the file', at / file.size);
    const part = file.slice(at, at + begun.part);
    at = (await sendFile('PUT uploads/{upload}', part, { at: { upload: begun.id }, query: { at } })).bytes;
  }
  return begun.id;
}

/** Lines go where the recording in use says them, in one act with what led to that. */
export async function layByRecording(act = newAct(), piece = askedPiece()): Promise<void> {
  if (!piece) return;
  const body = { document: await piece.read() };
  const { lines } = await ask('POST script/lay', { body });
  await piece.edit((draft) => setLaid(draft, lines), act);
}

/** A file becomes the recording in use; with a script its words are looked for at once. */
export function addSound(file: File): Promise<void> {
  return working('Uploading the file', async (piece, signal) => {
    const id = await upload(file, signal);
    const sound = await listen(
      { kind: 'file', upload: id, name: file.name.slice(0, 200) },
      signal,
      'reading the file',
      isFile,
    );
    const before = await piece.read();
    const missing = before.script.recordings?.find((one) => one.sound === sound.sound);
    const recording = missing?.id ?? newId('reading', before.script.recordings ?? []);
    const act = newAct();
    await piece.edit((draft) => {
      const name = sound.name.replace(/\.[^.]+$/, '');
      const what = { name, sound: sound.sound, length: millisecondsOf(sound.seconds), scratch: null };
      if (!missing) addRecording(draft, what, recording);
      draft.script.recording = recording;
    }, act);
    if (sound.note) say(piece, sound.note);
    if (before.script.lines.some(({ text }) => text.trim() !== '')) await find(piece, recording, signal, act);
  });
}

export function findWords(recording: string): Promise<void> {
  return working('listening', (piece, signal) => find(piece, recording, signal));
}

async function find(piece: AskedPiece, id: string, signal: AbortSignal, act = newAct()): Promise<void> {
  const { script } = await piece.read();
  const recording = script.recordings?.find((one) => one.id === id);
  if (!recording?.sound) return;
  const { sound, from, to, heard: known } = recording;
  const lines = script.lines.map(({ id: line, text }) => ({ id: line, text }));
  const body = { kind: 'words', sound, from, to, lines, known };
  const found = await listen(body, signal, 'listening', isWords);
  await piece.edit((draft) => setHeard(draft, id, found.heard, found.unwritten), act);
  if (recordingOf(await piece.read())?.id === id) await layByRecording(act, piece);
}

/** The recording in use, put together anew; what is said, pinned and moved goes along, in one step of undo. */
export function splice(parts: (recording: Recording) => Spliced[]): Promise<void> {
  return working('saving the sound', (piece, signal) => putTogether(piece, parts, signal));
}

async function putTogether(
  piece: AskedPiece,
  partsOf: (recording: Recording) => Spliced[],
  signal: AbortSignal,
): Promise<void> {
  const recording = recordingOf(await piece.read());
  if (!recording?.sound) return;
  const parts = partsOf(recording);
  const body = {
    kind: 'splice',
    name: recording.name,
    parts: parts.map(({ from, length, take }) => ({
      sound: take?.sound ?? (from === null ? null : recording.sound),
      from: take?.from ?? from ?? 0,
      length,
    })),
  };
  const made = await listen(body, signal, 'saving the sound', isFile);
  const it = {
    sound: made.sound,
    length: millisecondsOf(made.seconds),
    parts: parts.map(({ from, length, take }) => ({ from, length, heard: take?.heard ?? null })),
  };
  await actBy(
    (document) => ask('POST acts/{act}', { at: { act: 'splice-recording' }, body: { document, with: it } }),
    piece,
    newAct(),
  );
}

/** A new take of a line: it is looked for in the file, and stands in the recording in place of the one before. */
export function newTake(line: string, file: File): Promise<void> {
  return working('Uploading the file', async (piece, signal) => {
    const id = await upload(file, signal);
    const name = file.name.slice(0, 200);
    const sound = await listen({ kind: 'file', upload: id, name }, signal, 'reading the file', isFile);
    const { script } = await piece.read();
    const written = script.lines.find((one) => one.id === line);
    if (!written) throw new GivenUp();
    const length = millisecondsOf(sound.seconds);
    const lines = [{ id: line, text: written.text }];
    const body = { kind: 'words', sound: sound.sound, from: 0, to: length, lines, known: [] };
    const { heard } = await listen(body, signal, 'listening', isWords);
    const take = takeOf(sound.sound, length, heard.find((one) => one.line === line) ?? { line, words: [] });
    if (!take) throw new Error(`No word of this line was found in “${name}”. The recording stays as it was.`);
    await putTogether(
      piece,
      (recording) => withInstead(recording, placeOf(recording, script.lines, line), take),
      signal,
    );
  });
}

/** Where a line is said; one that is not yet is said after the line before it. */
function placeOf(recording: Recording, lines: Line[], line: string): [number, number] {
  const at = lines.findIndex(({ id }) => id === line);
  const own = stretchOf(recording, lines[at]);
  if (own) return own;
  const before = lines
    .slice(0, at)
    .reverse()
    .map((one) => stretchOf(recording, one))
    .find((one) => one !== null);
  const end = before?.[1] ?? recording.from;
  return [end, end];
}

/** The lines are read by a voice that stands in for a narrator; read again, it takes the place of the one before. */
export function readAloud(speaker: string, pace: number): Promise<void> {
  return working('reading the lines', async (piece, signal) => {
    const { script, stage } = await piece.read();
    const lines = script.lines.map(({ id, text, begin }) => ({
      id,
      text,
      seconds: (begin * stage.rate[1]) / stage.rate[0],
    }));
    const made = await listen({ kind: 'scratch', lines, speaker, pace }, signal, 'reading the lines', isRead);
    const act = newAct();
    await piece.edit((draft) => {
      const before = draft.script.recordings?.find(({ scratch }) => scratch);
      const length = millisecondsOf(made.seconds);
      const what = { name: 'Scratch voice', sound: made.sound, length, scratch: { speaker, pace } };
      const id = before?.id ?? addRecording(draft, what);
      changeRecording(draft, id, (own: Recording) =>
        Object.assign(own, what, {
          begin: 0,
          from: 0,
          to: length,
          heard: made.heard,
          unwritten: undefined,
        }),
      );
      draft.script.recording = id;
    }, act);
    await layByRecording(act, piece);
  });
}

export async function takeRecording(id: string | null): Promise<void> {
  const act = newAct();
  useDesk.getState().edit((draft) => {
    draft.script.recording = id;
  }, act);
  if (id)
    await layByRecording(act).catch((error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true }));
}

/** Lines stand one after another, as fast as a narrator who says so many words a minute. */
export async function layByPace(pace: number): Promise<void> {
  const piece = askedPiece();
  if (!piece) return;
  const body = { document: await piece.read(), pace };
  const { lines } = await ask('POST script/lay', { body });
  await piece.edit((draft) => setLaid(draft, lines), newAct());
}
