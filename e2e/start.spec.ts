import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { APIRequestContext } from '@playwright/test';
import { evenlySpoken } from '../demo/plain/evenlySpoken';
import { expect, test } from './kept';

// A Lupine of its own, to be stopped and killed.
const port = Number(process.env.LUPINE_TEST_PORT ?? 8764) + 7;
const url = `http://127.0.0.1:${port}`;
const root = new URL('..', import.meta.url).pathname;
const data = mkdtempSync(join(tmpdir(), 'lupine-start-'));
let lupine: ChildProcess | null = null;

async function start(): Promise<void> {
  lupine = spawn('bin/start', ['--port', String(port), '--data', data], { cwd: root });
  await new Promise((resolve, reject) => {
    lupine?.stdout?.on('data', (said: Buffer) => said.toString().includes('Lupine is at') && resolve(undefined));
    lupine?.on('exit', (code) => reject(new Error(`bin/start ended with ${code}.`)));
  });
}

async function ended(): Promise<void> {
  await new Promise((resolve) =>
    lupine?.exitCode === null && !lupine.signalCode ? lupine.on('exit', resolve) : resolve(0),
  );
}

async function film(request: APIRequestContext): Promise<string> {
  const document = evenlySpoken();
  // Small pictures: what is tried is stopping and starting.
  document.stage = { ...document.stage, width: 960, height: 540 };
  const { id } = (await (await request.post(`${url}/api/pieces`, { data: { document } })).json()) as { id: string };
  const made = await request.post(`${url}/api/pieces/${id}/hand-offs`, { data: {} });
  return ((await made.json()) as { id: string }).id;
}

const stateOf = async (request: APIRequestContext, id: string): Promise<{ status: string; framesDone: number }> =>
  (await (await request.get(`${url}/api/hand-offs/${id}`)).json()) as { status: string; framesDone: number };

test.describe.configure({ mode: 'serial' });
test.beforeAll(start);
test.afterAll(async () => {
  lupine?.kill('SIGTERM');
  await ended();
  rmSync(data, { recursive: true, force: true });
});

test('a second start on the same folder says who runs there, and touches nothing', async ({ request }) => {
  const again = spawnSync('bin/start', ['--port', String(port + 1), '--data', data], { cwd: root, encoding: 'utf8' });
  expect(again.status).toBe(1);
  expect(again.stderr).toContain(`Lupine already runs on ${data} (process ${lupine?.pid}, at ${url})`);
  const taken = spawnSync('bin/start', ['--port', String(port)], { cwd: root, encoding: 'utf8' });
  expect(taken.stderr).toContain(`Port ${port} is taken by Lupine, process `);
  expect((await request.get(`${url}/up`)).ok()).toBe(true);
});

test('a film waits while Lupine is stopped, and goes on when it starts again', async ({ request }) => {
  const id = await film(request);
  await expect.poll(async () => (await stateOf(request, id)).framesDone, { timeout: 20_000 }).toBeGreaterThan(10);
  lupine?.kill('SIGTERM');
  await ended();
  await start();
  expect(['waiting', 'running']).toContain((await stateOf(request, id)).status);
  await expect.poll(async () => (await stateOf(request, id)).status, { timeout: 60_000 }).toBe('done');
});

test('a start that was killed leaves nothing running, and its film begins again at the next', async ({ request }) => {
  const id = await film(request);
  await expect.poll(async () => (await stateOf(request, id)).framesDone, { timeout: 20_000 }).toBeGreaterThan(10);
  lupine?.kill('SIGKILL');
  await ended();
  await start();
  await expect.poll(async () => (await stateOf(request, id)).status, { timeout: 60_000 }).toBe('done');
});

test('what is built is kept by the browser, small, and nothing is loaded that the page does not allow', async ({
  page,
  request,
}) => {
  const refused: string[] = [];
  page.on('console', (message) => message.type() === 'error' && refused.push(message.text()));
  await page.goto(url);
  await expect(page.getByRole('heading', { name: 'On the shelf' })).toBeVisible();
  expect(refused).toEqual([]);
  // The page comes with the script that all pages have, and with its own.
  const scripts = page.locator('script[type=module]');
  await expect(scripts).toHaveCount(2);
  for (const script of await scripts.all()) {
    const built = await request.get((await script.getAttribute('src')) ?? '', {
      headers: { 'Accept-Encoding': 'gzip' },
    });
    expect(built.headers()['cache-control']).toContain('immutable');
    expect(built.headers()['content-encoding']).toBe('gzip');
  }
  const shelf = await request.get(`${url}/api/pieces`, { headers: { 'Accept-Encoding': 'gzip' } });
  expect(shelf.headers()['content-encoding']).toBe('gzip');
  expect(shelf.headers()['x-powered-by']).toBeUndefined();
  expect((await request.get(url, { headers: { Host: 'elsewhere.example' } })).status()).toBe(421);
});

/** The process that begins those that answer, by the name that it gives itself. */
function masterOf(program: 'php-fpm' | 'nginx'): string {
  return spawnSync('pgrep', ['-f', `^${program}: master process .*${data}`], { encoding: 'utf8' }).stdout.trim();
}

/** The processes that answer: children of FPM's master. */
function answering(): number[] {
  const told = spawnSync('pgrep', ['-P', masterOf('php-fpm')], { encoding: 'utf8' }).stdout.trim();
  return told === '' ? [] : told.split('\n').map(Number);
}

/** Twelve at once, each by a process of its own. */
async function twelveAnswer(request: APIRequestContext): Promise<void> {
  const answers = await Promise.all(Array.from({ length: 12 }, () => request.get(`${url}/api/pieces`)));
  expect(answers.map((answer) => answer.status())).toEqual(Array<number>(12).fill(200));
}

test('a web process that ends, however it ends, is replaced within a second', async ({ request }) => {
  for (const signal of ['SIGKILL', 'SIGSEGV', 'SIGTERM'] as const) {
    const before = answering();
    expect(before).toHaveLength(12);
    for (const process_ of before.slice(0, 11)) process.kill(process_, signal);
    await expect.poll(() => answering().filter((one) => !before.includes(one)).length, { timeout: 1000 }).toBe(11);
    await twelveAnswer(request);
  }
  // The one that begins them, and the one that is asked, are begun again as well.
  for (const program of ['php-fpm', 'nginx'] as const) {
    const old = masterOf(program);
    process.kill(Number(old), 'SIGKILL');
    // What it had begun may answer once more before it goes as well.
    await expect.poll(() => /^\d+$/.test(masterOf(program)) && masterOf(program) !== old, { timeout: 3000 }).toBe(true);
    await expect.poll(() => answering().length, { timeout: 3000 }).toBe(12);
    await expect
      .poll(async () => (await request.get(`${url}/up`).catch(() => null))?.status() ?? 0, { timeout: 3000 })
      .toBe(200);
    await twelveAnswer(request);
  }
});

test('a file that holds more than is read ends no web process, and others are answered meanwhile', async ({
  request,
}) => {
  const before = answering();
  const file = Buffer.from(`Kettles,1,2,3\n`.repeat(700_000));
  const headers = { 'Content-Type': 'application/octet-stream' };
  const sent = Array.from({ length: 4 }, (_, number) =>
    request.post(`${url}/api/tables?name=${number}.csv`, { data: file, headers }),
  );
  await twelveAnswer(request);
  for (const answer of await Promise.all(sent)) expect([200, 422]).toContain(answer.status());
  expect(answering()).toEqual(before);
});

test('addresses that nothing has, and other names, are refused in the form of the API', async ({ request }) => {
  const elsewhere = { Host: 'elsewhere.example' };
  const [script] = (await (await request.get(url)).text()).match(/\/build\/assets\/[^"]+\.js/)!;
  for (const [path, status, headers] of [
    ['/%00', 400, {}],
    ['/api/pieces/%00', 400, {}],
    ['/build/assets/%00.css', 400, {}],
    ['/api/%ff', 400, {}],
    ['/%ff', 400, {}],
    [script, 421, elsewhere],
    ['/favicon.svg', 421, elsewhere],
    ['/api/pieces', 421, elsewhere],
  ] as const) {
    const answer = await request.get(url + path, { headers });
    expect(answer.status(), path).toBe(status);
    expect(answer.headers()['content-type'], path).toContain('application/json');
    expect(Object.keys((await answer.json()) as object), path).toEqual(['message', 'where', 'rowId']);
  }
});
