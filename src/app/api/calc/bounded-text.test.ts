import { boundedText } from './bounded-text';

/** A request whose body comes in pieces and says nothing of its length; counts what was asked of it. */
function streamed(pieces: number, bytes: number) {
  let given = 0;
  const body = new ReadableStream<Uint8Array>(
    {
      pull(controller) {
        if (given === pieces) return controller.close();
        given += 1;
        controller.enqueue(new Uint8Array(bytes).fill(97));
        return undefined;
      },
    },
    { highWaterMark: 0 },
  );
  const request = new Request('http://bench/api', { method: 'POST', body, duplex: 'half' } as RequestInit);
  return { request, given: () => given };
}

describe('boundedText', () => {
  it('gives the text as it was sent, letters of two bytes whole', async () => {
    const request = new Request('http://bench/api', { method: 'POST', body: '{"name":"Köder"}' });
    expect(await boundedText(request, 100)).toBe('{"name":"Köder"}');
    expect(await boundedText(new Request('http://bench/api'), 100)).toBe('');
  });

  it('refuses by the length that is said, before anything is read', async () => {
    const { request, given } = streamed(3, 10);
    const headers = new Headers({ 'content-length': '5000000' });
    const said = { headers, body: request.body } as Request;
    expect(await boundedText(said, 1000)).toBeNull();
    expect(given()).toBe(0);
  });

  it('stops reading at the byte that is too many', async () => {
    const { request, given } = streamed(1_000_000, 100);
    expect(await boundedText(request, 1000)).toBeNull();
    expect(given()).toBeLessThanOrEqual(12);
  });
});
