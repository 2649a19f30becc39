/** A write that was based on a version which is no longer the stored one; it carries both. */
export class Conflict extends Error {
  override readonly name = 'Conflict';

  constructor(
    readonly stored: unknown,
    readonly sent: unknown,
  ) {
    super('This was changed meanwhile. Both versions are here; nothing was overwritten.');
  }
}
