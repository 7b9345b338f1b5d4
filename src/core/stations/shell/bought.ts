import { below } from '../../kernel/units/number';
import type { Animal } from '../../model/place.schema';
import type { Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import type { Sheet } from '../sheet';

/** Animals that pull at mesh until it comes off. */
const PULLS: ReadonlySet<Animal> = new Set(['fox', 'dog', 'badger', 'raccoon']);

/** What is looked at in a coop that somebody else built: how its mesh is held, how thick its boards are, its floor. */
export function builtByOthers(s: Sheet, plan: Plan, animals: readonly Animal[]): void {
  const { meshFixedBy, boardM, floorBuild } = plan.shell;
  if (meshFixedBy === 'staples') {
    const severity = animals.some((a) => PULLS.has(a)) ? 'harm' : 'awkward';
    s.find('shell.mesh.stapled', severity, [], { apart: s.fact('mesh.screws') });
  }
  if (boardM !== null && below(boardM, ruled('shell.board.least'))) {
    s.find('shell.boards.thin', 'awkward', [], {
      there: s.entered('shell.board', 'm', boardM),
      needed: s.fact('shell.board.least'),
    });
  }
  // who chose a mesh floor knows what it asks
  if (floorBuild === 'mesh' && plan.litter.school !== 'mesh') {
    s.find('shell.floor.mesh', 'awkward', [], {});
  }
}
