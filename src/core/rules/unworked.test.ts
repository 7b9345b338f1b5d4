import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { RULES } from './rules.data';
import { UNWORKED } from './unworked.data';

const core = join(process.cwd(), 'src/core');
const code = readdirSync(core, { recursive: true })
  .map(String)
  // of the tables only the one that names rules of others
  .filter(
    (f) => /vesselKinds\.data\.ts$/.test(f) || (f.endsWith('.ts') && !/\.(test|data)\.ts$/.test(f)),
  )
  .map((f) => readFileSync(join(core, f), 'utf8'))
  .join('\n');

/** Whether the core names a rule; the weight of a feed by its kind is put together. */
const isRead = (id: string): boolean => code.includes(`'${id}'`) || id.startsWith('feed.density.');

test('the rules that nothing is worked from are those that are said to be told only', () => {
  const unread = Object.keys(RULES).filter((id) => !isRead(id));
  expect([...unread].sort()).toEqual([...UNWORKED].sort());
});
