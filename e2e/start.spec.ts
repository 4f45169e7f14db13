import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type APIRequestContext } from '@playwright/test';
import { evenlySpoken } from '../demo/evenlySpoken';

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
  const script = await page.locator('script[type=module]').getAttribute('src');
  const built = await request.get(script ?? '', { headers: { 'Accept-Encoding': 'gzip' } });
  expect(built.headers()['cache-control']).toContain('immutable');
  expect(built.headers()['content-encoding']).toBe('gzip');
  const shelf = await request.get(`${url}/api/pieces`, { headers: { 'Accept-Encoding': 'gzip' } });
  expect(shelf.headers()['content-encoding']).toBe('gzip');
  expect(shelf.headers()['x-powered-by']).toBeUndefined();
  expect((await request.get(url, { headers: { Host: 'elsewhere.example' } })).status()).toBe(421);
});
