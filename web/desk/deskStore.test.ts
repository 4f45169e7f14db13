import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demo, Server } from './fakeServer';

let server: Server;
/** the act of the hand that edits belong to; each is one of its own where it is null */
let act: string | null;
let acts = 0;
let useDesk: typeof import('./deskStore').useDesk;
const retitle = (title: string) =>
  useDesk.getState().edit((piece) => {
    piece.title = title;
  });

beforeEach(async () => {
  vi.useFakeTimers();
  vi.resetModules();
  server = new Server();
  act = null;
  vi.doMock('../common/acts', () => ({ actNow: () => act ?? `act ${++acts}`, endAct: () => undefined }));
  vi.stubGlobal('fetch', (path: string, options: RequestInit) => server.answer(path, options));
  vi.stubGlobal('window', {
    addEventListener: () => undefined,
    setTimeout: (work: () => void, after: number) => setTimeout(work, after),
    clearTimeout: (timer: number) => clearTimeout(timer),
    requestAnimationFrame: (work: () => void) => setTimeout(work, 16),
  });
  ({ useDesk } = await import('./deskStore'));
  await useDesk.getState().open('p1');
  await vi.advanceTimersByTimeAsync(10);
});

afterEach(async () => {
  // What is still under way comes to its end.
  await vi.advanceTimersByTimeAsync(1000);
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('saving', () => {
  it('saves each act as a step of its own, in their order, however fast they follow', async () => {
    for (const title of ['first', 'second', 'third']) retitle(title);
    await vi.advanceTimersByTimeAsync(600);
    expect(server.saved).toEqual(['first', 'second', 'third']);
    expect(useDesk.getState()).toMatchObject({ saved: 'saved', version: 4 });
  });

  it('does not stop at an act that is refused where others came after it', async () => {
    server.busy = 422;
    retitle('refused');
    await vi.advanceTimersByTimeAsync(600);
    server.busy = 0;
    server.refuses = 'refused';
    retitle('fine');
    await vi.advanceTimersByTimeAsync(600);
    expect(server.saved).toEqual(['fine']);
    expect(useDesk.getState().saved).toBe('saved');
  });

  it('saves once for a run of edits of one act, and then says so', async () => {
    act = 'typing';
    for (const title of ['a', 'ab', 'abc']) {
      retitle(title);
      await vi.advanceTimersByTimeAsync(100);
    }
    expect(useDesk.getState().saved).toBe('waiting');
    await vi.advanceTimersByTimeAsync(600);
    expect(server.saved).toEqual(['abc']);
    expect(useDesk.getState()).toMatchObject({ saved: 'saved', version: 2, canUndo: true });
  });

  it('keeps what was typed while the server is away, and saves it when it is back', async () => {
    server.down = true;
    retitle('kept');
    await vi.advanceTimersByTimeAsync(1000);
    expect(useDesk.getState()).toMatchObject({ saved: 'failed', document: { title: 'kept' } });
    server.down = false;
    await vi.advanceTimersByTimeAsync(4000);
    expect(server.saved).toEqual(['kept']);
    expect(useDesk.getState().saved).toBe('saved');
  });

  it('saves again by itself where the reason passes, and says the reason until then', async () => {
    server.busy = 503;
    retitle('kept');
    await vi.advanceTimersByTimeAsync(1000);
    expect(useDesk.getState()).toMatchObject({ saved: 'failed', unsaved: 'busy', document: { title: 'kept' } });
    server.busy = 0;
    await vi.advanceTimersByTimeAsync(4000);
    expect(server.saved).toEqual(['kept']);
    expect(useDesk.getState()).toMatchObject({ saved: 'saved', unsaved: null });
  });

  it('does not send again what was refused for good', async () => {
    server.busy = 422;
    retitle('refused');
    await vi.advanceTimersByTimeAsync(60_000);
    expect(server.asked).toBe(1);
    expect(useDesk.getState()).toMatchObject({ saved: 'failed', unsaved: 'busy' });
  });

  it('asks when another tab was faster, and does as it is told', async () => {
    Object.assign(server.piece(), { version: 5, document: { ...demo, title: 'theirs' } });
    retitle('mine');
    await vi.advanceTimersByTimeAsync(700);
    expect(useDesk.getState()).toMatchObject({
      saved: 'conflict',
      document: { title: 'mine' },
      theirs: { version: 5 },
    });
    retitle('mine still');
    await vi.advanceTimersByTimeAsync(2000);
    expect(server.saved).toEqual([]);
    await useDesk.getState().keepMine();
    expect(server.saved).toEqual(['mine still']);
    expect(useDesk.getState()).toMatchObject({ saved: 'saved', version: 6 });
  });

  it('takes the other tab’s piece when asked to', async () => {
    Object.assign(server.piece(), { version: 5, document: { ...demo, title: 'theirs' } });
    retitle('mine');
    await vi.advanceTimersByTimeAsync(700);
    useDesk.getState().takeTheirs();
    expect(useDesk.getState()).toMatchObject({ saved: 'saved', version: 5, document: { title: 'theirs' } });
  });
});

describe('undo', () => {
  it('makes steps together that were asked for while one was under way', async () => {
    for (const title of ['a', 'b', 'c', 'd', 'e']) retitle(title);
    await vi.advanceTimersByTimeAsync(600);
    server.slow = 300;
    const { undo, redo } = useDesk.getState();
    for (const step of [undo, undo, undo, redo, undo]) void step();
    await vi.advanceTimersByTimeAsync(1000);
    expect(server.walks).toEqual([-3]);
    expect(useDesk.getState()).toMatchObject({ document: { title: 'b' }, canUndo: true, canRedo: true });
    void undo();
    await vi.advanceTimersByTimeAsync(50);
    for (const step of [undo, undo, undo]) void step();
    await vi.advanceTimersByTimeAsync(1000);
    expect(server.walks).toEqual([-3, -1, -3]);
    expect(useDesk.getState()).toMatchObject({ document: { title: demo.title }, canUndo: false });
  });
});

describe('an act of core', () => {
  const duplicate = (): void => {
    server.slow = 200;
    server.act = (document) => {
      const copy = { ...document.charts[0], id: `chart${document.charts.length + 1}` };
      return { document: { ...document, charts: [...document.charts, copy] }, made: [copy.id] };
    };
  };
  const state = () => useDesk.getState();

  it('is one step of undo, and loses nothing that was changed meanwhile', async () => {
    const { act: does } = await import('./act');
    duplicate();
    const made = does('copy-chart', { chart: 'chart1' });
    await vi.advanceTimersByTimeAsync(100);
    retitle('typed meanwhile');
    await vi.advanceTimersByTimeAsync(2000);
    expect(await made).toEqual(['chart2']);
    expect(state().document).toMatchObject({ title: 'typed meanwhile', charts: [{}, { id: 'chart2' }] });
    expect(server.saved).toHaveLength(2);
  });

  it('is done before it is undone, and one after the other', async () => {
    const { act: does } = await import('./act');
    duplicate();
    void does('copy-chart', { chart: 'chart1' });
    void does('copy-chart', { chart: 'chart1' });
    void state().undo();
    await vi.advanceTimersByTimeAsync(3000);
    expect(server.walks).toEqual([-1]);
    expect(state().document?.charts.map(({ id }) => id)).toEqual(['chart1', 'chart2']);
  });

  it('changes nothing where it is refused, and says why', async () => {
    const [{ act: does }, { useNotices }] = await Promise.all([import('./act'), import('../common/Notices')]);
    server.act = () => null;
    const before = state().document;
    const made = does('copy-chart', { chart: 'chart1' }, 'It was not copied.');
    await vi.advanceTimersByTimeAsync(100);
    expect(await made).toBeNull();
    expect(state().document).toBe(before);
    expect(JSON.stringify(useNotices.getState())).toContain('It was not copied. That cannot be done.');
  });
});

describe('an act while the server is away', () => {
  it('is done when it is back, to the piece as it is then', async () => {
    const [{ act: does }, { useNotices }] = await Promise.all([import('./act'), import('../common/Notices')]);
    server.act = (document) => ({ document: { ...document, charts: [] }, made: ['done'] });
    server.down = true;
    const made = does('remove-things', { charts: ['chart1'], words: [] });
    await vi.advanceTimersByTimeAsync(8000);
    expect(useDesk.getState().document?.charts).toHaveLength(1);
    expect(useNotices.getState().notices).toHaveLength(1);
    expect(useNotices.getState().notices[0].text).toBe(
      'Cannot reach the Lupine server. Check that it is running. This will be done as soon as it can be.',
    );
    retitle('typed while it was away');
    server.down = false;
    await vi.advanceTimersByTimeAsync(4000);
    expect(await made).toEqual(['done']);
    expect(useDesk.getState().document).toMatchObject({ title: 'typed while it was away', charts: [] });
  });
});

describe('an act that the server fails at', () => {
  it.each([
    [503, 'is tried again while it is busy', null],
    [500, 'is not tried for ever', 'That cannot be done.'],
  ])('with %i: %s', async (status, _, said) => {
    const [{ act: does }, { useNotices }] = await Promise.all([import('./act'), import('../common/Notices')]);
    let times = 0;
    server.refusal = status;
    server.act = (document) => (++times === 1 ? null : { document, made: ['done'] });
    const made = does('copy-chart', { chart: 'chart1' });
    await vi.advanceTimersByTimeAsync(8000);
    expect(await made).toEqual(said ? null : ['done']);
    expect(useNotices.getState().notices.map(({ text }) => text)).toEqual([
      said ?? 'That cannot be done. This will be done as soon as it can be.',
    ]);
  });
});

describe('computing', () => {
  it('does not queue up edits: what is newest is computed last', async () => {
    const before = server.computed;
    for (let edit = 0; edit < 20; edit++) retitle(`edit ${edit}`);
    await vi.advanceTimersByTimeAsync(50);
    expect(server.computed - before).toBeLessThanOrEqual(3);
    expect(useDesk.getState().reel).toEqual({ title: 'edit 19' });
  });

  it('keeps the last picture while figures are impossible, and the proof says nothing then', async () => {
    await vi.advanceTimersByTimeAsync(1000);
    expect(useDesk.getState().proof).toEqual({ exact: true });
    useDesk.getState().edit((piece) => {
      piece.tables[0].rows[0].cells[0] = 'many';
    });
    await vi.advanceTimersByTimeAsync(1000);
    expect(useDesk.getState().computed?.reel).toBeNull();
    expect(useDesk.getState().reel).toEqual({ title: 'Mended or not' });
    expect(useDesk.getState().stems).toHaveProperty('chart1');
    expect(useDesk.getState().proof).toBeNull();
  });

  it('asks for the frames around the playhead where a piece is computed in part', async () => {
    server.part = { from: 100, to: 400, frames: 9000 };
    retitle('large');
    await vi.advanceTimersByTimeAsync(50);
    const before = server.computed;
    useDesk.getState().follow(250);
    await vi.advanceTimersByTimeAsync(10);
    expect(server.computed).toBe(before);
    for (const frame of [390, 20]) {
      useDesk.getState().follow(frame);
      await vi.advanceTimersByTimeAsync(10);
    }
    expect(server.computed).toBe(before + 2);
  });
});

describe('an edit', () => {
  const recolour = () =>
    useDesk.getState().edit((piece) => {
      piece.charts[0].words.reading.decimals = 3;
    });

  it('leaves what it does not touch the same things, and what core says again, too', async () => {
    const { document: before } = useDesk.getState();
    recolour();
    const { document: now } = useDesk.getState();
    expect(now).not.toBe(before);
    expect(now!.tables).toBe(before!.tables);
    expect(now!.charts[0].form).toBe(before!.charts[0].form);
    expect(now!.charts[0].words).not.toBe(before!.charts[0].words);
    const { sheet, problems } = useDesk.getState().computed!;
    await vi.advanceTimersByTimeAsync(600);
    expect(useDesk.getState().computed!.sheet.charts).toBe(sheet.charts);
    expect(useDesk.getState().computed!.problems).toBe(problems);
  });

  it('is followed by the rest of the desk when its picture is there, and soon where none comes', async () => {
    const followed = (): boolean => useDesk.getState().followed === useDesk.getState().document;
    recolour();
    expect(followed()).toBe(false);
    await vi.advanceTimersByTimeAsync(100);
    expect(followed()).toBe(true);
    server.down = true;
    retitle('away');
    await vi.advanceTimersByTimeAsync(250);
    expect(followed()).toBe(true);
  });
});
