/**
 * A key handler for Enter in a field. The key goes no further: closing gives the focus back to the button that opened the
 * field, and the same key would press it again.
 */
export function onEnter(done: () => void): (event: KeyboardEvent) => void {
  return (event) => {
    if (event.key !== 'Enter') return;
    event.preventDefault();
    done();
  };
}
