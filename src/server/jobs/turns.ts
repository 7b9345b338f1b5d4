/** What waits for its turn, by the kind of its work. */
interface Waiting {
  readonly kind: string;
}

/**
 * Who is served next where more is asked than there are workers: the kinds of work take turns, and of one kind the
 * first to come goes first. Six rough-outs that wait do not hold up the drawing that comes after them.
 */
export class Turns<T extends Waiting> {
  /** The kind that was served last stands last. */
  private readonly waiting = new Map<string, T[]>();

  get size(): number {
    let all = 0;
    for (const ofKind of this.waiting.values()) all += ofKind.length;
    return all;
  }

  push(one: T): void {
    const ofKind = this.waiting.get(one.kind);
    if (ofKind) ofKind.push(one);
    else this.waiting.set(one.kind, [one]);
  }

  /** Takes the next one out; null where nobody waits. */
  shift(): T | null {
    const [first] = this.waiting;
    if (!first) return null;
    const [kind, ofKind] = first;
    const one = ofKind.shift() ?? null;
    this.waiting.delete(kind);
    if (ofKind.length > 0) this.waiting.set(kind, ofKind);
    return one;
  }

  /** Takes one out before its turn. */
  remove(one: T): void {
    const left = this.waiting.get(one.kind)?.filter((other) => other !== one);
    if (!left) return;
    if (left.length > 0) this.waiting.set(one.kind, left);
    else this.waiting.delete(one.kind);
  }
}
