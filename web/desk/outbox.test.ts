import { IDBFactory } from 'fake-indexeddb';
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Server } from './fakeServer';

let server: Server;
let acts = 0;
let useDesk: typeof import('./deskStore').useDesk;
let outbox: typeof import('./outbox');
const retitle = (title: string) =>
  useDesk.getState().edit((piece) => {
    piece.title = title;
  });
const later = (milliseconds: number) => vi.advanceTimersByTimeAsync(milliseconds);

/** A tab is opened: nothing is left of the one before but what the browser keeps. */
async function tab(): Promise<void> {
  vi.resetModules();
  vi.doMock('../common/acts', () => ({ actNow: () => `act ${++acts}`, endAct: () => undefined }));
  ({ useDesk } = await import('./deskStore'));
  outbox = await import('./outbox');
}

async function open(id: string): Promise<void> {
  const opening = useDesk.getState().open(id);
  await later(50);
  await opening;
  await later(10);
}

beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
  vi.stubGlobal('indexedDB', new IDBFactory());
  server = new Server();
  vi.stubGlobal('fetch', (path: string, options: RequestInit) => server.answer(path, options));
  vi.stubGlobal('window', {
    addEventListener: () => undefined,
    setTimeout: (work: () => void, after: number) => setTimeout(work, after),
    clearTimeout: (timer: number) => clearTimeout(timer),
  });
  await tab();
  await open('p1');
});

afterEach(async () => {
  await later(2000);
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('what is not saved', () => {
  it('stays with its piece when another is opened, and is saved when it can be', async () => {
    server.busy = 503;
    retitle('of the first');
    await later(1000);
    useDesk.getState().close();
    await open('p2');
    expect(useDesk.getState()).toMatchObject({ id: 'p2', saved: 'saved', document: { title: 'Mended or not' } });
    retitle('of the second');
    expect(Object.keys(outbox.useOutbox.getState().pieces)).toEqual(['p1', 'p2']);
    server.busy = 0;
    await later(10_000);
    expect(server.piece('p1').document.title).toBe('of the first');
    expect(server.piece('p2').document.title).toBe('of the second');
    expect(outbox.useOutbox.getState().pieces).toEqual({});
  });

  it('is at the desk again when its piece is opened again', async () => {
    server.busy = 422;
    retitle('kept here');
    await later(1000);
    await open('p2');
    await open('p1');
    expect(useDesk.getState()).toMatchObject({ saved: 'failed', unsaved: 'busy', document: { title: 'kept here' } });
  });

  it('is saved by the next tab where one was closed', async () => {
    server.busy = 503;
    for (const title of ['one', 'two']) retitle(title);
    await later(1000);
    await tab();
    server.busy = 0;
    await outbox.takeOverLeft();
    await later(1000);
    expect(server.saved).toEqual(['one', 'two']);
    await tab();
    await outbox.takeOverLeft();
    expect(outbox.useOutbox.getState().pieces).toEqual({});
  });

  it('of a closed tab stays kept while the next one has something of the same piece', async () => {
    server.busy = 503;
    retitle('of the closed tab');
    await later(1000);
    // It does nothing more.
    vi.clearAllTimers();
    await tab();
    outbox.push('p1', 1, { ...server.piece().document, title: 'of this tab' }, 'typed here');
    await later(100);
    await outbox.takeOverLeft();
    expect(outbox.unsavedOf('p1')?.title).toBe('of this tab');
    server.busy = 0;
    await later(5000);
    expect(server.saved).toEqual(['of this tab']);
    await open('p1');
    expect(useDesk.getState()).toMatchObject({ saved: 'conflict', document: { title: 'of the closed tab' } });
  });

  it('asks where the piece was changed elsewhere before the next tab came', async () => {
    server.busy = 503;
    retitle('mine');
    await later(1000);
    await tab();
    server.busy = 0;
    Object.assign(server.piece(), { version: 7, save: 'elsewhere' });
    await open('p1');
    expect(useDesk.getState()).toMatchObject({
      saved: 'conflict',
      document: { title: 'mine' },
      theirs: { version: 7 },
    });
    await useDesk.getState().keepMine();
    expect(server.piece()).toMatchObject({ version: 8, document: { title: 'mine' } });
  });

  it.each(['answers', 'contents'] as const)('is no conflict with oneself where %s are lost', async (what) => {
    server.loses = what;
    retitle('kept once');
    await later(1000);
    expect(useDesk.getState().saved).toBe('failed');
    retitle('and then this');
    server.loses = null;
    await later(10_000);
    expect(server.saved).toEqual(['kept once', 'and then this']);
    expect(useDesk.getState()).toMatchObject({ saved: 'saved', version: 3 });
  });

  it('is one step of undo where it was refused', async () => {
    retitle('saved');
    await later(1000);
    server.refuses = 'refused';
    retitle('refused');
    await later(1000);
    expect(useDesk.getState()).toMatchObject({ saved: 'failed', unsaved: 'refused' });
    await useDesk.getState().undo();
    expect(useDesk.getState()).toMatchObject({ saved: 'saved', document: { title: 'saved' }, canRedo: true });
    await useDesk.getState().redo();
    expect(useDesk.getState().document?.title).toBe('refused');
  });

  it('can be let go and brought back where it will never be saved', async () => {
    server.busy = 404;
    retitle('of a piece that is gone');
    await later(1000);
    const left = outbox.unsavedOf('p1')!;
    expect(left).toMatchObject({ state: 'failed', passes: false });
    outbox.drop('p1');
    expect(outbox.unsavedOf('p1')).toBeUndefined();
    outbox.bringBack(left);
    server.busy = 0;
    await outbox.send('p1');
    expect(server.saved).toEqual(['of a piece that is gone']);
  });

  it('is carried out in a piece that is not on the desk', async () => {
    await open('p2');
    await outbox.changeElsewhere('p1', (piece) => (piece.title = 'changed from elsewhere'), 'act');
    await later(1000);
    expect(server.piece('p1').document.title).toBe('changed from elsewhere');
    expect(useDesk.getState().document?.title).toBe('Mended or not');
  });
});
