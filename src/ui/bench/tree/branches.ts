import { ENTERED_AT } from '@/core/edit/enteredAt';
import type { StationId } from '@/core/kernel/station';
import type { Fixture } from '@/core/model/schema';

/** What a station's things are in the tree. */
export interface Branch {
  readonly station: StationId;
  readonly fixtures: readonly Fixture[];
}

/** The order of the work, as the staves have it. */
const ORDER: readonly StationId[] = [
  'shell',
  'roosts',
  'nests',
  'air',
  'feed',
  'water',
  'door',
  'reach',
];

/** The things of a plan by the station that sizes them; a station without any is no branch. */
export const branchesOf = (fixtures: readonly Fixture[]): Branch[] =>
  ORDER.map((station) => ({
    station,
    fixtures: fixtures.filter((f) => ENTERED_AT[f.kind] === station),
  })).filter((b) => b.fixtures.length > 0);

/** A line of the tree that can have the focus: a branch by its station, a thing by its id. */
export type Node =
  | { readonly kind: 'branch'; readonly key: StationId }
  | { readonly kind: 'thing'; readonly key: string; readonly of: StationId };

/** The lines that are seen, from the top: those of shut branches are not. */
export const nodesOf = (branches: readonly Branch[], shut: ReadonlySet<StationId>): Node[] =>
  branches.flatMap(({ station, fixtures }): Node[] => [
    { kind: 'branch', key: station },
    ...(shut.has(station)
      ? []
      : fixtures.map((f): Node => ({ kind: 'thing', key: f.id, of: station }))),
  ]);

/** What a key does in the tree, from one line of it. */
export type Step =
  | { readonly to: Node }
  | { readonly toggle: StationId }
  | { readonly pick: string };

/**
 * Keys of a tree: up and down, to its ends, in and out of branches, and to pick.
 * @returns null where the key does nothing there
 */
export function stepFrom(
  key: string,
  node: Node,
  nodes: readonly Node[],
  shut: ReadonlySet<StationId>,
): Step | null {
  const at = nodes.findIndex((n) => n.kind === node.kind && n.key === node.key);
  const to = (next: Node | undefined): Step | null => (next ? { to: next } : null);
  switch (key) {
    case 'ArrowDown':
      return to(nodes[at + 1]);
    case 'ArrowUp':
      return to(nodes[at - 1]);
    case 'Home':
      return to(nodes[0]);
    case 'End':
      return to(nodes.at(-1));
    case 'ArrowRight':
      if (node.kind === 'thing') return null;
      return shut.has(node.key) ? { toggle: node.key } : to(nodes[at + 1]);
    case 'ArrowLeft':
      if (node.kind === 'thing') {
        return to(nodes.find((n) => n.kind === 'branch' && n.key === node.of));
      }
      return shut.has(node.key) ? null : { toggle: node.key };
    case 'Enter':
    case ' ':
      return node.kind === 'thing' ? { pick: node.key } : { toggle: node.key };
    default:
      return null;
  }
}
