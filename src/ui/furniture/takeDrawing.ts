import type { View } from '@/core/drawing/shape';
import type { Plan } from '@/core/model/schema';
import { fileStem } from '@/formats/fileOut';
import { keepFile } from './takeOut';

/** What of the plan is drawn, and as what kind of file. */
export interface DrawingAsked {
  readonly view: View | 'run' | 'sticks';
  readonly format: 'pdf' | 'svg' | 'dxf' | 'png';
}

/**
 * Has the plan on the screen drawn, and hands the file to the browser to keep.
 * @returns why it could not be drawn; null where it was
 */
export async function takeDrawing(
  plan: Plan,
  { view, format }: DrawingAsked,
): Promise<string | null> {
  return take(plan, new URLSearchParams({ view, format }), `${view}.${format}`);
}

/** Has the papers of a home-made vessel drawn at full size, and hands them to the browser to keep. */
export const takeStrip = (plan: Plan, fixture: string): Promise<string | null> =>
  take(
    plan,
    new URLSearchParams({ view: 'strip', format: 'pdf', fixture }),
    `strip-${fixture}.pdf`,
  );

/** Has the sitter's sheet of some days away drawn, and hands it to the browser to keep. */
export const takeSitter = (plan: Plan, on: string, back: string): Promise<string | null> =>
  take(plan, new URLSearchParams({ view: 'sitter', format: 'pdf', on, back }), 'sitter.pdf');

async function take(plan: Plan, asked: URLSearchParams, end: string): Promise<string | null> {
  const response = await fetch(`/api/drawings?${asked}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(plan),
  }).catch(() => null);
  if (!response?.ok) {
    return response === null
      ? 'The drawing could not be made: the server does not answer.'
      : 'The drawing could not be made.';
  }
  keepFile(await response.blob(), `${fileStem(plan.name)}-${end}`);
  return null;
}
