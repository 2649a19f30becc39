/** What the trays take, px: on a phone it is one tray, with the big button above it over the whole width. */
const TAKEN = { desk: 158, phone: 148 + 76 };
/** Narrower than this it is a phone, px. */
export const PHONE = 760;

/** Says, now and whenever the page changes, whether its numbers, or the tools it cannot do without, would be out of sight behind the trays. */
export function watchRoom(say: (needed: boolean) => void): () => void {
  const look = () => {
    const floor = innerHeight - (innerWidth < PHONE ? TAKEN.phone : TAKEN.desk);
    // A list of firings stands on their own page one by one: for it the trays, with all that is done there, stay.
    const numbers = [
      ...document.querySelectorAll('main :is([data-needed], [data-answer]:not(ol))'),
    ];
    say(numbers.some((one) => one.getBoundingClientRect().bottom + scrollY > floor));
  };
  const grown = new ResizeObserver(look);
  grown.observe(document.querySelector('main') ?? document.body);
  addEventListener('resize', look);
  look();
  return () => {
    grown.disconnect();
    removeEventListener('resize', look);
  };
}
