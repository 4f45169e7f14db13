import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './browser.mjs';

const port = Number(process.env.LUPINE_TEST_PORT ?? 8764);

export default defineConfig({
  testDir: '.',
  outputDir: 'results',
  timeout: 120_000,
  // Two cores: each file of checks has pieces of its own. Three are 13 % faster, and fail now and then for it.
  workers: 2,
  // How fast something comes is measured in bench/: here it only has to come, on a busy machine too.
  expect: { timeout: 20_000 },
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    // Menus and dialogs are there at once, so that no check waits for their fading.
    contextOptions: { reducedMotion: 'reduce' },
    actionTimeout: 20_000,
    launchOptions: {
      executablePath: CHROMIUM,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // A microphone that beeps stands in for one.
        '--use-fake-device-for-media-stream',
        '--use-fake-ui-for-media-stream',
      ],
    },
  },
  webServer: {
    // A shelf of its own, new for every run.
    command: `rm -rf results/data && exec ../bin/start --port ${port} --data e2e/results/data`,
    url: `http://127.0.0.1:${port}/up`,
    timeout: 240_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    stdout: 'pipe',
  },
});
