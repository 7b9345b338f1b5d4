import 'server-only';
import { isNoSpace } from '@/db/disk';
import { OPERATIONS, type Operation, type OperationId } from '@/formats/api/operations.data';
import { foreign, problem, sameOrigin } from './http';
import { type Busy, isBusy } from './jobs/pool';
import { log } from './log';

/**
 * Wraps a route handler: logs what was asked and how it went, and answers a break with problem details
 * that show nothing of the inside.
 * @param id  method and path, as they stand in the table of operations; its path is what is logged
 */
export function handle<C>(
  id: OperationId,
  work: (request: Request, context: C) => Promise<Response>,
): (request: Request, context: C) => Promise<Response> {
  const route = id.slice(id.indexOf(' ') + 1);
  const { body, ownPages }: Operation = OPERATIONS[id];
  const isOurs = body !== undefined || ownPages === true;
  return async (request, context) => {
    const from = performance.now();
    const answering =
      isOurs && !sameOrigin(request) ? Promise.resolve(foreign()) : work(request, context);
    const response = await answering.catch((error: unknown) => {
      if (isBusy(error)) return busy(error);
      // nobody is there to be answered any more
      if (request.signal.aborted) return problem(499, 'Whoever asked has left.');
      log().error({ route, err: error instanceof Error ? error.stack : String(error) }, 'broke');
      if ((error as { name?: unknown } | null)?.name === 'TimeoutError') {
        return problem(503, 'This took longer than two minutes and was given up. Ask for less.');
      }
      return isNoSpace(error)
        ? problem(507, 'The disk is full, so nothing was saved. Make room on it and try again.')
        : problem(500, 'Something broke here. What was saved before is safe; try again.');
    });
    const ms = Math.round((performance.now() - from) * 10) / 10;
    log().info({ method: request.method, route, status: response.status, ms }, 'answered');
    return response;
  };
}

function busy({ retryAfterS }: Busy): Response {
  const answer = problem(503, 'Too much is asked at once. Try again in a few seconds.');
  answer.headers.set('retry-after', String(retryAfterS));
  return answer;
}
