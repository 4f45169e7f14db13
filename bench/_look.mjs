import { chromium } from '/work/main/node_modules/@playwright/test/index.mjs';
import { serve } from './serve.mjs';
import { mkdtempSync } from 'node:fs';
const { url, end } = await serve(process.env.DATA ?? mkdtempSync('/tmp/look-'), 8799);
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const page = await b.newPage({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce', baseURL: url });
page.on('console', m => m.type()==='error' && console.log('console:', m.text())); page.on('pageerror', e => console.log('pageerror', e.message));
try { await (await import(process.argv[2])).default(page, async (n) => { await page.waitForTimeout(500); await page.screenshot({ path: `/tmp/l-${n}.png` }); console.log('shot', n); }, url); } catch (e) { console.log(String(e).slice(0,1500)); await page.screenshot({ path: '/tmp/l-error.png' }); } finally { await b.close(); await end(); }
