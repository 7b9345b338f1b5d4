import type { Figure, Figures } from './working';

/** Works something when it is first asked for, and keeps it. */
export function lazy<T>(work: () => T): () => T {
  let found: { readonly value: T } | null = null;
  return () => {
    found ??= { value: work() };
    return found.value;
  };
}

/** Figures by id, over those known already. */
export function byId(figures: readonly Figure[], known: Figures = new Map()): Figures {
  const all = new Map(known);
  for (const f of figures) all.set(f.id, f);
  return all;
}

/** Figures that are made together, and only when one of them is read. */
export interface FigureLayer {
  /** Whether a figure of this id would be among them. */
  owns(id: string): boolean;
  /** By id. */
  make(): Figures;
}

/**
 * Figures made when they are first read: most of those that an edit changes are never looked at.
 * @param layers  where two hold one id the first is taken; all are made once the whole is listed
 */
export const layeredFigures = (layers: readonly FigureLayer[]): Figures => new Layered(layers);

/** A map to its readers; a class so that two of them are equal where they list the same. */
class Layered implements ReadonlyMap<string, Figure> {
  readonly #layers: readonly { owns(id: string): boolean; made(): Figures }[];
  readonly #all: () => Figures;

  constructor(layers: readonly FigureLayer[]) {
    this.#layers = layers.map(({ owns, make }) => ({ owns, made: lazy(make) }));
    this.#all = lazy(() => {
      const all = new Map<string, Figure>();
      for (const { made } of this.#layers) {
        for (const [id, f] of made()) if (!all.has(id)) all.set(id, f);
      }
      return all;
    });
  }

  get(id: string): Figure | undefined {
    for (const layer of this.#layers) {
      const f = layer.owns(id) ? layer.made().get(id) : undefined;
      if (f) return f;
    }
    return undefined;
  }

  has(id: string): boolean {
    return this.get(id) !== undefined;
  }

  get size(): number {
    return this.#all().size;
  }

  keys(): MapIterator<string> {
    return this.#all().keys();
  }

  values(): MapIterator<Figure> {
    return this.#all().values();
  }

  entries(): MapIterator<[string, Figure]> {
    return this.#all().entries();
  }

  forEach(each: (figure: Figure, id: string, all: ReadonlyMap<string, Figure>) => void): void {
    this.#all().forEach(each);
  }

  [Symbol.iterator](): MapIterator<[string, Figure]> {
    return this.entries();
  }
}
