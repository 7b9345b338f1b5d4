import type * as z from 'zod/mini';

/** What the plan file says of one of its values. */
export interface Field {
  readonly type: 'number' | 'whole' | 'yesNo' | 'choice' | 'text';
  /** Least and most of a number, in the unit of the file; infinite where nothing is said. */
  readonly least: number;
  readonly most: number;
  /** It may be null: nothing is said, or it is worked out. */
  readonly open: boolean;
}

/** Paths of all values in a part of the plan, whatever variant it is: `section.widthM`, `heat.watts`. */
export type PathOf<T> = T extends readonly unknown[]
  ? never
  : T extends object
    ? {
        [K in keyof T & string]:
          | K
          | (NonNullable<T[K]> extends object ? `${K}.${PathOf<NonNullable<T[K]>>}` : never);
      }[keyof T & string]
    : never;

interface Check {
  readonly _zod: { readonly def: { readonly check: string; readonly value?: number } };
}
interface Node {
  readonly _zod: {
    readonly def: {
      readonly type: string;
      readonly innerType?: Node;
      readonly shape?: Readonly<Record<string, Node>>;
      readonly options?: readonly Node[];
      readonly discriminator?: string;
      readonly values?: readonly unknown[];
      readonly checks?: readonly Check[];
    };
  };
}

/** A node without its default and without null, and whether it may be null. */
function bare(node: Node): { readonly node: Node; readonly open: boolean } {
  let open = false;
  let at = node;
  for (let inner = at._zod.def.innerType; inner; inner = at._zod.def.innerType) {
    open ||= at._zod.def.type === 'nullable';
    at = inner;
  }
  return { node: at, open };
}

/** The variant that a value is, where there are several. */
function variant(node: Node, value: unknown): Node | null {
  const { options, discriminator } = node._zod.def;
  if (!options || discriminator === undefined) return node;
  const is = (value as Record<string, unknown> | null)?.[discriminator];
  return (
    options.find((o) => o._zod.def.shape?.[discriminator]?._zod.def.values?.includes(is)) ?? null
  );
}

/**
 * What the schema says of a value of a part of the plan.
 * @param schema  of the part
 * @param part    the part itself: of variants the one that it is counts
 * @param path    keys with dots between them
 * @returns       null where this part has no such value: another variant has it, or what it stands in is not there
 */
export function fieldAt(schema: z.core.$ZodType, part: unknown, path: string): Field | null {
  let node: Node = schema as unknown as Node;
  let value: unknown = part;
  let open = false;
  for (const key of path.split('.')) {
    if (typeof value !== 'object' || value === null) return null;
    const own = variant(bare(node).node, value)?._zod.def.shape?.[key];
    if (!own) return null;
    node = own;
    value = (value as Record<string, unknown>)[key];
    open = bare(own).open;
  }
  return fieldOf(bare(node).node, open);
}

function fieldOf(node: Node, open: boolean): Field {
  const { type, checks = [] } = node._zod.def;
  const limit = (check: string, none: number): number =>
    checks.find((c) => c._zod.def.check === check)?._zod.def.value ?? none;
  const whole = 'format' in node._zod.def;
  const kinds: Readonly<Record<string, Field['type']>> = {
    number: whole ? 'whole' : 'number',
    boolean: 'yesNo',
    enum: 'choice',
    literal: 'choice',
  };
  return {
    type: kinds[type] ?? 'text',
    least: limit('greater_than', Number.NEGATIVE_INFINITY),
    most: limit('less_than', Number.POSITIVE_INFINITY),
    open,
  };
}

/** The value at a path of a part; undefined where there is none. */
export const valueAt = (part: unknown, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((of, key) => (of as Record<string, unknown> | null | undefined)?.[key], part);

/** Sets the value at a path of a part that may be changed; does nothing where what it stands in is not there. */
export function setAt(part: unknown, path: string, value: unknown): void {
  const keys = path.split('.');
  const last = keys.pop() as string;
  const holder = keys.length === 0 ? part : valueAt(part, keys.join('.'));
  if (typeof holder === 'object' && holder !== null)
    (holder as Record<string, unknown>)[last] = value;
}
