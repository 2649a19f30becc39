/** What a form or a file of ours may be, bytes; only a picture, and a plan with one, are more. */
export const MOST_BODY_BYTES = 256 * 1024;

/** A body that is larger than it may be. */
export class TooLarge extends Error {
  override readonly name = 'TooLarge';
  readonly status = 413;
}

/** The whole body, as long as it is no larger than it may be: no more of it is read than that. */
export async function bodyBytes(
  request: Request,
  most = MOST_BODY_BYTES,
): Promise<Uint8Array<ArrayBuffer>> {
  if (Number(request.headers.get('content-length') ?? 0) > most) throw new TooLarge();
  const parts: Uint8Array[] = [];
  let length = 0;
  const reader = request.body?.getReader();
  for (;;) {
    const { value, done } = (await reader?.read()) ?? { done: true };
    if (done || !value) break;
    length += value.byteLength;
    if (length > most) {
      await reader?.cancel();
      throw new TooLarge();
    }
    parts.push(value);
  }
  const whole = new Uint8Array(length);
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.byteLength;
  }
  return whole;
}

export const bodyText = async (request: Request, most = MOST_BODY_BYTES): Promise<string> =>
  new TextDecoder().decode(await bodyBytes(request, most));
