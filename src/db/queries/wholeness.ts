import { z } from 'zod';
import { PartMissing } from '../damage';
import type { Db } from '../db';

/**
 * Reads every save kept and holds plans and saves against one another.
 * @throws PartMissing where a plan lacks its latest save, or a save its plan; the database's own error where a page can't be read
 */
export async function checkWhole(db: Db): Promise<void> {
  const [row] = await db.query(
    `select
       (select count(*)::integer from plans p where not exists
         (select from plan_saves s where s.plan_id = p.id and s.revision = p.revision)) as bare,
       (select count(*)::integer from plan_saves s where not exists
         (select from plans p where p.id = s.plan_id)) as orphans,
       (select coalesce(sum(length(document::text)), 0)::bigint from plan_saves) as characters`,
  );
  const { bare, orphans } = z.object({ bare: z.number(), orphans: z.number() }).parse(row);
  if (bare > 0) throw new PartMissing(`the latest save of ${bare} of its plans is missing`);
  if (orphans > 0) throw new PartMissing(`${orphans} of its saves belong to no plan`);
}
