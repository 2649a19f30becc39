/** What is typed on the page of a colour print: what is dialled, what is seen of the last sheet. */
export const colourForm = () => ({
  ...{ c: '', m: '', y: '', seconds: '', picked: '', light: '', thought: '' },
});
