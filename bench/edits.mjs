// What an edit costs the server, in milliseconds of its processor: until the first picture, with all that follows, and
// as one answer. Told as a part of that one, since processors differ.
import { cpuOf } from './cpu.mjs';
import { pieces } from './pieces.mjs';
import { serve } from './serve.mjs';

const RUNS = 30;
/** so that what is compiled on the way is compiled */
const BEFORE = 20;

const { url, server, end } = await serve(process.argv[2], 8799);
try {
  for (const [name, [document, frame]] of Object.entries(await pieces(url))) {
    let figure = 100;
    const ask = async (path, more) => {
      document.tables[0].rows[1].cells[0] = String(++figure);
      const headers = { 'Content-Type': 'application/json' };
      const body = JSON.stringify({ document, frame, shape: null, ...more });
      const answer = await fetch(`${url}/api/${path}`, { method: 'POST', headers, body });
      if (!answer.ok) throw new Error(await answer.text());
      await answer.arrayBuffer();
    };
    const cost = async (path, more) => {
      for (let run = 0; run < BEFORE; run++) await ask(path, more);
      const began = cpuOf(server.pid, 'php-fpm');
      for (let run = 0; run < RUNS; run++) await ask(path, more);
      return (cpuOf(server.pid, 'php-fpm') - began) / RUNS;
    };
    const whole = await cost('compute', { inHurry: true });
    const first = await cost('compute/live', { isHeld: true });
    const all = await cost('compute/live', {});
    console.log(
      `edits      ${name}: ${first.toFixed(1)} ms of the server’s processor to the first picture, ` +
        `${all.toFixed(1)} with all that follows; as one answer ${whole.toFixed(1)}, ` +
        `so ${(first / whole).toFixed(2)} of it`,
    );
  }
} finally {
  await end();
}
