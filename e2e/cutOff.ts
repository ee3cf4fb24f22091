import type { Page } from '@playwright/test';

/**
 * What of the page cannot be read or touched because it does not fit: a key past the right edge, a
 * text cut off by its own box or running out of it into another, a drawing's text beyond the drawing, a page that slides sideways.
 */
export const cutOff = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const isShown = (element: Element): boolean => {
      const { width, height } = element.getBoundingClientRect();
      return width > 0 && height > 0 && getComputedStyle(element).visibility !== 'hidden';
    };
    /** What slides sideways on purpose is reached by sliding. */
    const slides = (element: Element): boolean => {
      for (let at: Element | null = element; at; at = at.parentElement) {
        const { overflowX } = getComputedStyle(at);
        if (['auto', 'scroll'].includes(overflowX) && at.scrollWidth > at.clientWidth) return true;
      }
      return false;
    };
    const name = (element: Element): string =>
      (element.getAttribute('aria-label') ?? element.textContent ?? '')
        .replace(/\s+/g, ' ')
        .trim()
        .slice(0, 60);
    const found: string[] = [];
    for (const key of document.querySelectorAll('button, a, input, select, textarea')) {
      const past = key.getBoundingClientRect().right > window.innerWidth + 1;
      if (isShown(key) && past && !slides(key)) found.push(`past the edge: ${name(key)}`);
    }
    for (const leaf of document.querySelectorAll('main *, header *, footer *')) {
      // What was typed into a field is read by moving in it.
      if (leaf.matches('input, textarea, select')) continue;
      if (leaf.children.length > 0 || !isShown(leaf) || leaf.closest('svg')) continue;
      const { overflowX } = getComputedStyle(leaf);
      const isCut = leaf.scrollWidth > leaf.clientWidth + 2;
      if (isCut && overflowX === 'visible' && leaf.clientWidth > 1)
        found.push(`runs out of its place: ${name(leaf)}`);
      if (isCut && ['hidden', 'clip'].includes(overflowX) && leaf.clientWidth > 1)
        found.push(`cut off: ${name(leaf)}`);
    }
    for (const text of document.querySelectorAll('main svg text')) {
      const svg = text.closest('svg');
      if (!svg || !isShown(text) || getComputedStyle(svg).overflow === 'visible') continue;
      const [own, room] = [text.getBoundingClientRect(), svg.getBoundingClientRect()];
      const isOut = own.left < room.left - 2 || own.right > room.right + 2;
      if (isOut) found.push(`beyond its drawing: ${name(text)}`);
    }
    const { scrollWidth } = document.documentElement;
    if (scrollWidth > window.innerWidth + 1) found.push(`slides sideways: ${scrollWidth}`);
    return [...new Set(found)];
  });
