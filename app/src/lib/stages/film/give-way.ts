import type { Attachment } from 'svelte/attachments';

/** Tells the face around it how much height its words take, so that on a phone the clock gives way instead of cutting them. */
export const giveWay: Attachment<HTMLElement> = (words) => {
  const face = words.parentElement;
  const observer = new ResizeObserver(() =>
    face?.style.setProperty('--words', `${words.offsetHeight}px`),
  );
  observer.observe(words);
  return () => observer.disconnect();
};
