/** milliseconds after which nothing is waited for: a page that nobody sees is not drawn */
const AT_MOST = 60;

/** When the screen shows what has been painted until now. */
export function screenDrawn(): Promise<void> {
  return new Promise((resolve) => {
    const late = window.setTimeout(resolve, AT_MOST);
    window.requestAnimationFrame(() => {
      window.clearTimeout(late);
      window.setTimeout(resolve, 0);
    });
  });
}
