/**
 * A request's body as text, read no further than so many bytes: a longer one is refused by what it says of itself, or where
 * it says nothing, at the byte that is too many. Null where it is longer.
 *
 * @example await boundedText(request, 4 * 1024 * 1024) // '{"text":"3/8 oz"}'
 */
export async function boundedText(request: Request, mostBytes: number): Promise<string | null> {
  const said = Number(request.headers.get('content-length') ?? 0);
  if (said > mostBytes) return null;
  if (!request.body) return '';
  const reader = request.body.getReader();
  const decoder = new TextDecoder();
  let [text, bytes] = ['', 0];
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return text + decoder.decode();
    bytes += value.byteLength;
    if (bytes > mostBytes) {
      await reader.cancel();
      return null;
    }
    text += decoder.decode(value, { stream: true });
  }
}
