import { type Command, type Face, path, type Shape } from '../shape';
import { fromAbove } from './fromAbove';
import type { Aspect, BirdLook, Pose } from './look';
import type { Part } from './outline';
import { duckProfile, profile } from './profile';
import { BUILDS } from './silhouettes.data';
import { upright } from './upright';

function partsOf(look: BirdLook, aspect: Aspect, pose: Pose): Part[] {
  switch (aspect) {
    case 'profile':
      return look.build === 'duck'
        ? duckProfile(look, pose)
        : profile(BUILDS[look.build], look, pose);
    case 'front':
      return upright(look, pose, false);
    case 'back':
      return upright(look, pose, true);
    case 'above':
    case 'aboveAcross':
      return fromAbove(look);
  }
}

/** Points along a curve at which its extent is looked for. */
const SAMPLES = Array.from({ length: 25 }, (_, i) => i / 24);

/** The least box that lines fit in, across and down. */
function boxOf(parts: readonly Part[]): { x0: number; x1: number; y0: number; y1: number } {
  const box = { x0: Infinity, x1: -Infinity, y0: Infinity, y1: -Infinity };
  const take = (x: number, y: number): void => {
    box.x0 = Math.min(box.x0, x);
    box.x1 = Math.max(box.x1, x);
    box.y0 = Math.min(box.y0, y);
    box.y1 = Math.max(box.y1, y);
  };
  for (const { commands } of parts) {
    let [x, y] = [0, 0];
    for (const command of commands) {
      if (command[0] === 'Z') continue;
      if (command[0] === 'C') {
        const [, ax, ay, bx, by, cx, cy] = command;
        for (const t of SAMPLES) {
          const s = 1 - t;
          const [k0, k1, k2, k3] = [s * s * s, 3 * s * s * t, 3 * s * t * t, t * t * t];
          take(k0 * x + k1 * ax + k2 * bx + k3 * cx, k0 * y + k1 * ay + k2 * by + k3 * cy);
        }
        [x, y] = [cx, cy];
      } else {
        [x, y] = [command[1], command[2]];
        take(x, y);
      }
    }
  }
  return box;
}

/** Parts that follow one another by the same pen as one: fewer things to draw. What is filled does not overlap. */
function together(parts: readonly Part[]): Part[] {
  const few: Part[] = [];
  for (const part of parts) {
    const last = few[few.length - 1];
    if (last?.pen === part.pen) {
      few[few.length - 1] = { pen: part.pen, commands: [...last.commands, ...part.commands] };
    } else few.push(part);
  }
  return few;
}

/** Parts of each look in a box of 1 × 1, across and down: worked once. */
const known = new Map<string, readonly Part[]>();

function inUnitBox(look: BirdLook, aspect: Aspect, pose: Pose): readonly Part[] {
  const key = `${look.build} ${look.cock} ${look.comb} ${aspect} ${pose}`;
  const made = known.get(key);
  if (made) return made;
  const parts = partsOf(look, aspect, pose);
  const { x0, x1, y0, y1 } = boxOf(parts);
  const scaled = parts.map(({ pen, commands }): Part => {
    const to = commands.map(([letter, ...n]) => {
      const at = n.map((m, i) => (i % 2 === 0 ? (m - x0) / (x1 - x0) : (m - y0) / (y1 - y0)));
      if (aspect === 'aboveAcross') {
        // beak to the left: the page's two ways exchanged
        return [letter, ...at.map((_, i) => at[i ^ 1] ?? 0)] as unknown as Command;
      }
      return [letter, ...at] as unknown as Command;
    });
    return { pen, commands: to };
  });
  const few = together(scaled);
  known.set(key, few);
  return few;
}

/**
 * A bird that fills a face exactly, from her farthest part to her nearest.
 * @param face    m: as long (or broad) and as high as she is
 * @param turned  whether she looks to the left (or, from above, down the page or to the right)
 */
export function birdShapes(
  look: BirdLook,
  aspect: Aspect,
  pose: Pose,
  { a0, a1, b0, b1 }: Face,
  turned: boolean,
): Shape[] {
  const isSideways = aspect !== 'above';
  const across = (n: number): number => a0 + (a1 - a0) * (turned && isSideways ? 1 - n : n);
  const up = (n: number): number => b1 - (b1 - b0) * (turned && aspect === 'above' ? 1 - n : n);
  return inUnitBox(look, aspect, pose).map(({ pen, commands }) =>
    path(
      pen,
      ...commands.map(
        ([letter, ...n]) =>
          [letter, ...n.map((m, i) => (i % 2 === 0 ? across(m) : up(m)))] as unknown as Command,
      ),
    ),
  );
}

/** The least face that a bird's parts fit in, curves and all, m. */
export function birdExtent(shapes: readonly Shape[]): Face {
  const parts = shapes.flatMap((s) =>
    s.kind === 'path' ? [{ pen: 'bird' as const, commands: s.commands }] : [],
  );
  const { x0, x1, y0, y1 } = boxOf(parts);
  return { a0: x0, a1: x1, b0: y0, b1: y1 };
}
