import { assess } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import { packDirectory } from '@/db/dump';
import { assessmentJson } from '@/formats/assessmentJson';
import type { DrawingAsk } from '@/formats/drawing/ask';
import { drawnFile } from '@/formats/drawing/drawn';
import { ownFonts } from '@/formats/drawing/ownFonts';
import { cardOf } from '@/formats/planCard';
import { roughJson } from '@/formats/roughJson';
import { sightFirst } from './sight';

// What the server does in threads beside itself. Each function is one kind of work: it is named where it is asked
// for (`pool.ts`), and takes plain data and gives back text or bytes.

/** A fit-out, as the text of its JSON. */
export const rough = (ask: Parameters<typeof roughJson>): string =>
  JSON.stringify(roughJson(...ask));

/** An assessment, as the text of its JSON. */
export const assessment = ({ plan, on }: { readonly plan: Plan; readonly on: string }): string =>
  JSON.stringify(assessmentJson(assess(plan, { on })));

/** What a plan's page is drawn from (`FirstSight`), as the text of its JSON. */
export const sight = ({ plan, on }: { readonly plan: Plan; readonly on: string }): string =>
  JSON.stringify(sightFirst(plan, on));

/** What the list of plans shows of one (`PlanCard`), as the text of its JSON. */
export const card = ({ plan, on }: { readonly plan: Plan; readonly on: string }): string =>
  JSON.stringify(cardOf(plan, on));

/** A drawing as a file. */
export const drawing = ({
  plan,
  ask,
}: {
  readonly plan: Plan;
  readonly ask: DrawingAsk;
}): Promise<Uint8Array> => drawnFile(plan, ask, ownFonts);

/** The files of a database's directory as one packed file. */
export const pack = ({ dir }: { readonly dir: string }): Promise<Uint8Array> => packDirectory(dir);
