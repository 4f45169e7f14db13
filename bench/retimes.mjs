// How long the stage and the stems take to follow a move that is nudged by a frame, on a desk that is open.

/**
 * @param page the desk
 * @param name of the key that is nudged to and fro, as it is read out
 * @param frame on which the playhead stands
 * @param [runs] nudges that count; four more come before them
 * @return milliseconds, the shortest first
 */
export async function retimes(page, name, frame, runs = 40) {
  const field = page.getByLabel('Frame', { exact: true });
  await field.fill(String(frame));
  await field.press('Enter');
  await page.getByRole('slider', { name }).first().focus();
  const times = [];
  for (let run = 0; run < runs + 4; run++) {
    await page.evaluate(() => {
      const canvas = document.querySelector('.stage canvas');
      const stems = document.querySelector('.stems');
      const seen = (target, options) =>
        new Promise((resolve) => {
          new MutationObserver((_, watch) => {
            watch.disconnect();
            requestAnimationFrame(() => resolve(performance.now()));
          }).observe(target, options);
        });
      const began = new Promise((pressed) => {
        document.addEventListener('keydown', () => pressed(performance.now()), { capture: true, once: true });
      });
      window.changed = Promise.all([
        began,
        seen(canvas, { attributes: true, attributeFilter: ['data-reel'] }),
        seen(stems, { attributes: true, subtree: true, attributeFilter: ['d'] }),
      ]).then(([from, stage, stem]) => Math.max(stage, stem) - from);
    });
    await page.keyboard.press(run % 2 === 0 ? 'ArrowDown' : 'ArrowUp');
    const time = await page.evaluate(() => window.changed);
    if (run >= 4) times.push(time);
    await page.waitForTimeout(150 + (run % 5) * 130);
  }
  return times.sort((a, b) => a - b);
}
