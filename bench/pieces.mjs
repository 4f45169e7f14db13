// Pieces that benches ask about: the demo, and some that are large in one way each.

/** Made by a Lupine at an address; each with the frame that is looked at. */
export async function pieces(url) {
  const made = async (body) => {
    const headers = { 'Content-Type': 'application/json', Accept: 'application/json' };
    const answer = await fetch(`${url}/api/pieces`, { method: 'POST', headers, body: JSON.stringify(body) });
    const { document, message } = await answer.json();
    if (!document) throw new Error(message);
    return document;
  };
  const table = (rows) => Array.from({ length: rows }, (_, row) => `Row ${row}\t${10 + row * 7}`).join('\n');

  const { document: demo } = await (await fetch(`${url}/api/pieces/${await demoOf(url)}`)).json();

  const three = await made({ text: table(20), form: 'donut' });
  three.stage.frames = 9000;
  const entrance = {
    begin: 0,
    frames: 9000,
    curve: 'ease-in-out',
    order: 'together',
    overlap: 0,
    opens: 'forward',
  };
  const [chart] = three.charts;
  three.charts = [1, 2, 3].map((number) => ({
    ...structuredClone(chart),
    id: `chart${number}`,
    entrance,
    place: { x: 640 * number - 320, y: 540 },
    form: { ...chart.form, radius: 240 },
  }));

  const rows = await made({ text: table(1000), form: 'bars' });

  const months = Array.from({ length: 60 }, (_, month) => 1960 + month);
  const kinds = Array.from({ length: 20 }, (_, kind) => {
    const cells = months.map((_year, month) => 20 + ((month * 7 + kind * 13) % 90) + month * kind);
    return [`Kind ${kind + 1}`, ...cells].join('\t');
  });
  const run = await made({ text: [`What\t${months.join('\t')}`, ...kinds].join('\n'), form: 'bars' });
  run.stage.frames = 1800;
  Object.assign(run.charts[0], {
    run: { begin: 30, frames: 1740, between: 'straight', places: 14, pins: [] },
    pick: null,
  });

  return {
    'the demo': [demo, 380],
    'three charts, 60 marks, 9,000 frames': [three, 4500],
    '1,000 rows': [rows, 120],
    'a run of 20 × 60': [run, 900],
  };
}

export async function demoOf(url) {
  const { pieces: all } = await (await fetch(`${url}/api/pieces`)).json();
  return all.find(({ title }) => title === 'The Mending Room').id;
}
