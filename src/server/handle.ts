import 'server-only';
import { isNoSpace } from '@/db/disk';
import { problem } from './http';
import { log } from './log';

/**
 * Wraps a route handler: logs what was asked and how it went, and answers a break with problem details
 * that show nothing of the inside.
 * @param route  the path's pattern, as logged
 */
export function handle<C>(
  route: string,
  work: (request: Request, context: C) => Promise<Response>,
): (request: Request, context: C) => Promise<Response> {
  return async (request, context) => {
    const from = performance.now();
    const response = await work(request, context).catch((error: unknown) => {
      log().error({ route, err: error instanceof Error ? error.stack : String(error) }, 'broke');
      return isNoSpace(error)
        ? problem(507, 'The disk is full, so nothing was saved. Make room on it and try again.')
        : problem(500, 'Something broke here. What was saved before is safe; try again.');
    });
    const ms = Math.round((performance.now() - from) * 10) / 10;
    log().info({ method: request.method, route, status: response.status, ms }, 'answered');
    return response;
  };
}
