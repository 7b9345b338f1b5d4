/**
 * Gives what was worked under a name before where every part is the same object or number as then.
 * @param from  all that the work reads
 * @param of    what it is worked for, where one name stands for the same work of each of many: a fixture
 */
export type Kept = <T>(name: string, from: readonly unknown[], work: () => T, of?: object) => T;

interface Slot {
  readonly from: readonly unknown[];
  readonly value: unknown;
}

/** A memory from one assessment to the next. */
export function createKept(): Kept {
  const whole = new Map<string, Slot>();
  const ofEach = new Map<string, WeakMap<object, Slot>>();
  return <T>(name: string, from: readonly unknown[], work: () => T, of?: object): T => {
    if (of === undefined) {
      const last = whole.get(name);
      if (last !== undefined && sameParts(last.from, from)) return last.value as T;
      const value = work();
      whole.set(name, { from, value });
      return value;
    }
    let own = ofEach.get(name);
    if (own === undefined) {
      own = new WeakMap();
      ofEach.set(name, own);
    }
    const last = own.get(of);
    if (last !== undefined && sameParts(last.from, from)) return last.value as T;
    const value = work();
    own.set(of, { from, value });
    return value;
  };
}

function sameParts(a: readonly unknown[], b: readonly unknown[]): boolean {
  if (a.length !== b.length) return false;
  for (let i = 0; i < a.length; i++) if (!Object.is(a[i], b[i])) return false;
  return true;
}

/** A memory for one assessment. */
export type Once = <T>(name: string, work: () => T) => T;

/** A memory for one assessment: the same name must always stand for the same work. */
export function createOnce(): Once {
  const known = new Map<string, unknown>();
  return <T>(name: string, work: () => T): T => {
    const found = known.get(name);
    if (found !== undefined) return found as T;
    const made = work();
    known.set(name, made);
    return made;
  };
}
