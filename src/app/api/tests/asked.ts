/** Where plans are asked for. */
export const URL_ = 'http://127.0.0.1:4310/api/plans';
/** A route's own id, as it is handed on. */
export const at = (id: string) => ({ params: Promise.resolve({ id }) });
/** A request with a body, as it is or as JSON. */
export const send = (method: string, body: unknown, headers: Record<string, string> = {}) =>
  new Request(URL_, {
    method,
    headers: { 'content-type': 'application/json', ...headers },
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
/** What another site's page sends along. */
export const foreign = { 'sec-fetch-site': 'cross-site' };
