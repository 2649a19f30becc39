/** Of each that is drawn: its words, and whether it is wholly in the window with nothing over it. */
export const inSight = (selector: string) =>
  [...document.querySelectorAll<HTMLElement>(selector)]
    .filter((one) => one.getClientRects().length > 0)
    .map((one) => {
      const { left, top, right, bottom } = one.getBoundingClientRect();
      const points = [
        [(left + right) / 2, (top + bottom) / 2],
        [left + 5, top + 5],
        [right - 5, top + 5],
        [left + 5, bottom - 5],
        [right - 5, bottom - 5],
      ] as const;
      const inside = top >= 0 && bottom <= innerHeight && left >= 0 && right <= innerWidth + 0.5;
      const free = points.every(([x, y]) => {
        const hit = document.elementFromPoint(x, y);
        // What it stands in may show between its words; what stays at the foot may not.
        const through = hit?.contains(one) === true && !hit.matches('.in-sight-desk, footer');
        return hit !== null && (one.contains(hit) || through);
      });
      return { words: one.textContent.trim().replaceAll(/\s+/g, ' '), seen: inside && free };
    });
