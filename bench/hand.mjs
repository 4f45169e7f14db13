// What a hand does on a page, and how much of it: each click, each key and each drag counts one.

export function handOn(page) {
  let count = 0;
  const click = async (locator, options) => {
    await locator.click(options);
    count++;
  };
  /** A control whose look is drawn by another element. */
  const check = async (locator) => {
    await locator.check({ force: true });
    count++;
  };
  const key = async (name) => {
    await page.keyboard.press(name);
    count++;
  };
  const type = async (text) => {
    await page.keyboard.type(text);
    count += text.length;
  };
  const choose = async (locator, option) => {
    await locator.selectOption(option);
    count += 2;
  };
  /** A field is clicked into, typed over and left by Enter. */
  const fill = async (locator, text) => {
    await locator.fill(text);
    await locator.press('Enter');
    count += 2 + text.length;
  };
  return {
    click,
    check,
    key,
    type,
    choose,
    fill,
    /** Something else was done by hand. */
    also: () => {
      count++;
    },
    /** It begins anew. */
    begun: () => {
      count = 0;
    },
    counted: () => count,
  };
}
