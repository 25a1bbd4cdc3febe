/** Until the next frame is painted; a page that nobody sees paints none, and does not wait. */
export const painted = () =>
  document.hidden
    ? Promise.resolve()
    : new Promise<void>((done) => requestAnimationFrame(() => setTimeout(done)));
