// A Lupine on a server, by the files of deploy/: as an ordinary user, behind an nginx that has the certificate, under
// another name than the machine's own.
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { request as requests, type APIRequestContext } from '@playwright/test';
import { evenlySpoken } from '../demo/plain/evenlySpoken';
import { expect, test } from './kept';

const port = Number(process.env.LUPINE_TEST_PORT ?? 8764) + 11;
const secure = port + 1;
const host = `desk.example:${secure}`;
const root = new URL('..', import.meta.url).pathname;
const folder = mkdtempSync(join(tmpdir(), 'lupine-server-'));
const data = join(folder, 'data');
const NOBODY = '65534';
const phrase = 'kettles and coats';

/** As a user who may do nothing but that: of root, the one that systems keep for it. */
const ordinary =
  process.getuid?.() === 0 ? ['setpriv', `--reuid=${NOBODY}`, `--regid=${NOBODY}`, '--clear-groups'] : ['env'];
const environment = {
  ...process.env,
  HOME: folder,
  LUPINE_DATA: data,
  LUPINE_HOSTS: host,
  APP_KEY: `base64:${Buffer.alloc(32, 7).toString('base64')}`,
};
const run = (command: string[], input = ''): { status: number | null; stdout: string; stderr: string } =>
  spawnSync(ordinary[0], [...ordinary.slice(1), ...command], { cwd: root, encoding: 'utf8', env: environment, input });

let lupine: ChildProcess | null = null;
let proxy: ChildProcess | null = null;
let desk: APIRequestContext;

/** nginx as deploy/nginx.conf has it, but for the numbers that only root may listen on. */
function proxyConfig(): string {
  const site = readFileSync(join(root, 'deploy/nginx.conf'), 'utf8')
    .replace(/^\s*listen \[::\].*$/gm, '')
    .replace('listen 80;', `listen 127.0.0.1:${secure + 1};`)
    .replace('listen 443 ssl http2;', `listen 127.0.0.1:${secure} ssl http2;`)
    .replaceAll('/etc/ssl/desk.example', folder)
    .replace('127.0.0.1:8000', `127.0.0.1:${port}`);
  const temporary = ['client_body', 'fastcgi', 'proxy', 'uwsgi', 'scgi'].map((kind) => `${kind}_temp_path ${folder};`);
  return `daemon off; pid ${folder}/proxy.pid; error_log stderr; events {} http { access_log off; ${temporary.join(' ')}
${site} }`;
}

test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  chmodSync(folder, 0o777);
  mkdirSync(data);
  chmodSync(data, 0o777);
  const readable = run(['test', '-r', join(root, 'bin/start')]).status === 0;
  test.skip(!readable, 'This checkout stands where an ordinary user cannot read it.');
  const none = run(['bin/start', '--port', String(port)]);
  expect(none.stderr).toContain(`Lupine is to answer under ${host}, and then only those who sign in.`);
  expect(run(['php', 'artisan', 'lupine:user', 'bench', '--password-file=-'], `${phrase}\n`).status).toBe(0);
  lupine = spawn(ordinary[0], [...ordinary.slice(1), 'bin/start', '--port', String(port), '--workers', '1'], {
    cwd: root,
    env: environment,
  });
  await new Promise((resolve, reject) => {
    lupine?.stdout?.on('data', (said: Buffer) => said.toString().includes('Lupine is at') && resolve(undefined));
    lupine?.on('exit', (code) => reject(new Error(`bin/start ended with ${code}.`)));
  });
  const files = ['-keyout', join(folder, 'key.pem'), '-out', join(folder, 'fullchain.pem')];
  spawnSync('openssl', ['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-subj', '/CN=desk.example', ...files]);
  chmodSync(join(folder, 'key.pem'), 0o644);
  writeFileSync(join(folder, 'proxy.conf'), proxyConfig());
  proxy = spawn(ordinary[0], [...ordinary.slice(1), '/usr/sbin/nginx', '-e', 'stderr', '-c', `${folder}/proxy.conf`]);
  desk = await requests.newContext({
    baseURL: `https://127.0.0.1:${secure}`,
    ignoreHTTPSErrors: true,
    extraHTTPHeaders: { Host: host, Origin: `https://${host}` },
  });
  await expect.poll(async () => (await desk.get('/up').catch(() => null))?.status() ?? 0).toBe(200);
});
test.afterAll(async () => {
  await desk?.dispose();
  proxy?.kill('SIGTERM');
  const ended = new Promise((resolve) => lupine?.on('exit', resolve));
  if (lupine?.kill('SIGTERM')) await ended;
  rmSync(folder, { recursive: true, force: true });
});

test('who comes by the proxy signs in, and by its other name too', async () => {
  expect((await desk.get('/api/pieces')).status()).toBe(401);
  // Nobody comes in by saying that they are on this machine.
  const local = { Host: `127.0.0.1:${port}` };
  expect((await desk.get('/api/pieces', { headers: local })).status()).toBe(401);
  expect((await desk.get('/', { headers: { Host: 'elsewhere.example' } })).status()).toBe(421);
  const signed = await desk.post('/api/session', { data: { name: 'bench', password: phrase } });
  expect(await signed.json()).toEqual({ name: 'bench' });
  expect(signed.headers()['set-cookie']).toMatch(/^lupine=.*; secure; httponly; samesite=lax$/);
  expect((await desk.get('/api/pieces')).status()).toBe(200);
  const elsewhere = await desk.post('/api/pieces', { data: {}, headers: { Origin: 'https://elsewhere.example' } });
  expect(elsewhere.status()).toBe(403);
});

test('a film is made and sent by nginx, whole or in parts, to those alone who signed in', async () => {
  const document = evenlySpoken();
  document.stage = { ...document.stage, width: 320, height: 180, frames: 24 };
  const { id } = (await (await desk.post('/api/pieces', { data: { document } })).json()) as { id: string };
  const film = (await (await desk.post(`/api/pieces/${id}/hand-offs`, { data: {} })).json()) as { id: string };
  await expect
    .poll(async () => ((await (await desk.get(`/api/hand-offs/${film.id}`)).json()) as { status: string }).status, {
      timeout: 30_000,
    })
    .toBe('done');
  const file = readdirSync(join(data, 'app/hand-offs')).find((name) => name.endsWith('.mp4'))!;
  const made = readFileSync(join(data, 'app/hand-offs', file));
  const sent = await desk.get(`/api/hand-offs/${film.id}/file`);
  expect(made.equals(await sent.body())).toBe(true);
  expect(sent.headers()).toMatchObject({ 'content-type': 'video/mp4', 'x-content-type-options': 'nosniff' });
  expect(sent.headers()['content-disposition']).toMatch(/^attachment; filename=.+\.mp4/);
  expect(sent.headers()['content-security-policy']).toContain("default-src 'none'");
  expect(sent.headers()['x-accel-redirect']).toBeUndefined();
  const part = await desk.get(`/api/hand-offs/${film.id}/file?play=1`, { headers: { Range: 'bytes=100-299' } });
  expect([part.status(), made.subarray(100, 300).equals(await part.body())]).toEqual([206, true]);
  // Not by the address that nginx keeps for itself, and not by anybody.
  expect((await desk.get(`/-/films/${file}`)).status()).toBe(404);
  await desk.delete('/api/session');
  expect((await desk.get(`/api/hand-offs/${film.id}/file`)).status()).toBe(401);
});

test('one signs in on the page, and again over one’s work when the session has ended', async ({ browser }) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(`http://127.0.0.1:${port}/`);
  await page.getByLabel('Name').fill('bench');
  await page.getByLabel('Password').fill('nothing of it');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toHaveText(/do not belong together/);
  await page.getByLabel('Password').fill(phrase);
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: 'Mended or not' }).first().click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  // An answer that is still on its way would bring the session back.
  await expect(page.locator('.proof-word')).toContainText('exact', { timeout: 30_000 });
  await page.waitForLoadState('networkidle');
  await context.clearCookies();
  await page.getByRole('textbox', { name: 'Title' }).fill('While the session had ended');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Sign in again' })).toBeVisible();
  await page.getByLabel('Password').fill(phrase);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Sign in again' })).toBeHidden();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 10_000 });
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('While the session had ended');
  await page.getByRole('button', { name: 'Signed in as bench' }).click();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in', exact: true })).toBeVisible();
  await context.close();
});

test('all that it keeps is of an ordinary user, and stands in its folder', () => {
  const owners = spawnSync('find', [data, '-not', '-uid', NOBODY], { encoding: 'utf8' }).stdout.trim().split('\n');
  if (process.getuid?.() === 0) expect(owners).toEqual([data]);
  const written = spawnSync('find', [root, '-newer', join(folder, 'proxy.conf'), '-uid', NOBODY], { encoding: 'utf8' });
  expect(written.stdout.trim()).toBe('');
});
