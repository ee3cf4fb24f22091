import type { Page } from '@playwright/test';

/**
 * What of the page cannot be read or touched because it does not fit: a key past the right edge, a
 * text cut off by its own box or running out of it into another, a drawing's text beyond the
 * drawing, a page that slides sideways.
 */
export const cutOff = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const all = (selector: string): Element[] => [...document.querySelectorAll(selector)];

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

    const isPastTheEdge = (key: Element): boolean =>
      isShown(key) && key.getBoundingClientRect().right > window.innerWidth + 1 && !slides(key);

    /** A text that stands alone in its box; what was typed in a field is read by moving in it. */
    const isText = (element: Element): boolean =>
      element.children.length === 0 &&
      !element.matches('input, textarea, select') &&
      !element.closest('svg') &&
      element.clientWidth > 1 &&
      isShown(element);

    const outOfItsBox = (text: Element): string | null => {
      if (text.scrollWidth <= text.clientWidth + 2) return null;
      const { overflowX } = getComputedStyle(text);
      if (overflowX === 'visible') return `runs out of its place: ${name(text)}`;
      return ['hidden', 'clip'].includes(overflowX) ? `cut off: ${name(text)}` : null;
    };

    const isBeyondItsDrawing = (text: Element): boolean => {
      const svg = text.closest('svg');
      if (!svg || !isShown(text) || getComputedStyle(svg).overflow === 'visible') return false;
      const [own, room] = [text.getBoundingClientRect(), svg.getBoundingClientRect()];
      return own.left < room.left - 2 || own.right > room.right + 2;
    };

    const { scrollWidth } = document.documentElement;
    const found = [
      ...all('button, a, input, select, textarea')
        .filter(isPastTheEdge)
        .map((key) => `past the edge: ${name(key)}`),
      ...all('main *, header *, footer *')
        .filter(isText)
        .flatMap((text) => outOfItsBox(text) ?? []),
      ...all('main svg text')
        .filter(isBeyondItsDrawing)
        .map((text) => `beyond its drawing: ${name(text)}`),
      ...(scrollWidth > window.innerWidth + 1 ? [`slides sideways: ${scrollWidth}`] : []),
    ];
    return [...new Set(found)];
  });
