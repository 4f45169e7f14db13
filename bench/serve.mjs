// Starts Lupine on a folder of its own, for a benchmark: the one that is given, or a new one elsewhere.
import { spawn } from 'node:child_process';
import { folderOf } from './folder.mjs';

export async function serve(given, port = 8793, more = []) {
  const folder = folderOf(given);
  const server = spawn('bin/start', ['--port', String(port), '--data', folder, ...more], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise((resolve) => server.on('exit', resolve));
  await new Promise((resolve, reject) => {
    server.stdout.on('data', (chunk) => {
      if (String(chunk).includes('Lupine is at')) resolve(undefined);
    });
    server.on('exit', () => reject(new Error('The server did not start.')));
  });
  return {
    url: `http://127.0.0.1:${port}`,
    server,
    end: async () => {
      server.kill('SIGTERM');
      await ended;
    },
  };
}
