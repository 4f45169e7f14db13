// How long the stage takes to follow a figure that is typed into the sheet of a desk that is open.

/**
 * @param page the desk, with a cell of the sheet selected; each figure goes into that cell
 * @param valueOf the figure to type, by run
 * @param [runs] changes that count; four more come before them
 * @return milliseconds, the shortest first
 */
export async function changesOf(page, valueOf, runs = 40) {
  const times = [];
  for (let run = 0; run < runs + 4; run++) {
    await page.keyboard.type(String(valueOf(run)));
    // Watched before the key is pressed, and asked for afterwards.
    await page.evaluate(() => {
      const canvas = document.querySelector('.stage canvas');
      window.changed = new Promise((resolve) => {
        const began = new Promise((pressed) => {
          const press = () => pressed(performance.now());
          document.addEventListener('keydown', press, { capture: true, once: true });
        });
        new MutationObserver((_, watch) => {
          watch.disconnect();
          requestAnimationFrame(async () => resolve(performance.now() - (await began)));
        }).observe(canvas, { attributes: true, attributeFilter: ['data-reel'] });
      });
    });
    await page.keyboard.press('Enter');
    const time = await page.evaluate(() => window.changed);
    if (run >= 4) times.push(time);
    await page.keyboard.press('ArrowUp');
    await page.waitForTimeout(150 + (run % 5) * 130);
  }
  return times.sort((a, b) => a - b);
}

/** The time that a part of all changes stayed under. */
export const within = (times, part) => times[Math.floor(part * (times.length - 1))];
