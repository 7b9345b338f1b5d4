import { gzipSync } from 'node:zlib';

/**
 * What a page sends before it can be gone about in: the scripts that it names, compressed, bytes. Those for browsers
 * without modules are never fetched.
 * @param page  its address
 */
export async function firstLoadBytes(page: string): Promise<number> {
  const html = await (await fetch(page)).text();
  const tags = html.match(/<script[^>]*src="[^"]+"[^>]*>/g) ?? [];
  const named = tags.filter((tag) => !/nomodule/i.test(tag));
  const files = new Set(named.map((tag) => tag.replace(/.*src="([^"]+)".*/, '$1')));
  let bytes = 0;
  for (const file of files) {
    const script = await (await fetch(new URL(file, page))).arrayBuffer();
    bytes += gzipSync(Buffer.from(script)).length;
  }
  return bytes;
}
