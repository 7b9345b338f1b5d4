import { useId, useState } from 'react';
import { THING_KINDS } from '@/core/measure/things.data';
import { THING_WORDS } from '@/text/measuring';
import { readThings } from '@/text/thingsWords';
import { Field } from '../forms/Field';
import { focusOn } from '../furniture/focus';
import { ThingCard } from './ThingCard';
import { type Measuring, withThing } from './typed';

/** What stands in the coop, a card each; more of it by words or by a press. */
export function ThingsQuestion({ typed, read, put, shown, show }: Measuring) {
  const [of, measure] = shown.split('.');
  return (
    <section>
      <h2 className="border-line border-b text-[1.1rem]">What stands in it</h2>
      <div className="mt-2 grid gap-2 md:grid-cols-2">
        {typed.things.map((thing) => (
          <ThingCard
            key={thing.id}
            thing={thing}
            number={typed.things.filter((t) => t.kind === thing.kind && t.id <= thing.id).length}
            units={typed.units}
            statureM={read.statureM}
            wrong={read.wrong}
            shown={of === String(thing.id) ? (measure ?? null) : null}
            show={(m) => show(`${thing.id}.${m}`)}
            change={(t) => put({ things: typed.things.map((o) => (o.id === t.id ? t : o)) })}
            remove={() => {
              put({ things: typed.things.filter((o) => o.id !== thing.id) });
              show('room.length');
            }}
          />
        ))}
      </div>
      <AddThings
        add={(things, goOn) => {
          const next = things.reduce((all, t) => withThing(all, t.kind, t.boxes), typed);
          put(next);
          const first = next.things[typed.things.length];
          if (!first || !goOn) return;
          show(`${first.id}.${Object.keys(THING_WORDS[first.kind].measures)[0] ?? ''}`);
          focusOn(`[data-thing-id="${first.id}"] :is(input, select)`);
        }}
      />
    </section>
  );
}

/** In words, all at once; or one by one. */
function AddThings({
  add,
}: {
  /** @param goOn  whether the hand goes on to what was added: not while words are left to be put right */
  add: (things: ReturnType<typeof readThings>['things'], goOn: boolean) => void;
}) {
  const id = useId();
  const [said, setSaid] = useState('');
  const [unread, setUnread] = useState<string | null>(null);
  const addSaid = (): void => {
    const read = readThings(said);
    // what was not read stays to be put right
    setSaid(read.unread.join(', '));
    setUnread(
      read.unread.length === 0
        ? null
        : `Not read: “${read.unread.join('”, “')}”. Say a number and a thing, as “2 bars, 4 nests, pop door”, or press one below.`,
    );
    if (read.things.length > 0) add(read.things, read.unread.length === 0);
  };
  return (
    <div className="mt-2 flex flex-col gap-2">
      <Field id={id} label="Add what stands there" error={unread}>
        <span className="flex gap-2">
          <input
            id={id}
            className="input"
            value={said}
            maxLength={200}
            autoComplete="off"
            placeholder="2 bars, 4 nests, pop door"
            aria-invalid={unread !== null}
            aria-describedby={unread === null ? undefined : `${id}-error`}
            onChange={(e) => {
              setSaid(e.target.value);
              setUnread(null);
            }}
            onKeyDown={(e) => {
              if (e.key !== 'Enter' || said.trim() === '') return;
              e.preventDefault();
              e.stopPropagation();
              addSaid();
            }}
          />
          <button type="button" className="button" disabled={said.trim() === ''} onClick={addSaid}>
            Add
          </button>
        </span>
      </Field>
      <fieldset className="flex flex-wrap items-center gap-1.5" aria-label="Add one">
        {THING_KINDS.map((kind) => (
          <button key={kind} type="button" className="button" onClick={() => add([{ kind }], true)}>
            {THING_WORDS[kind].add}
          </button>
        ))}
      </fieldset>
    </div>
  );
}
