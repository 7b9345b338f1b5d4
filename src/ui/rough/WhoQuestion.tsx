'use client';
import { Minus, Plus, X } from 'lucide-react';
import { useId } from 'react';
import { issue } from '@/core/kernel/outcome';
import { BREEDS } from '@/core/model/breeds.data';
import { type ReadFlock, withCount } from '@/text/flockWords';
import { issueText } from '@/text/issues';

/** Who lives there, in the keeper's own words; what was read stands beneath, to be put right. */
export function WhoQuestion({
  number = null,
  text,
  flock,
  change,
}: {
  /** Its place among the questions, where they are numbered. */
  number?: number | null;
  text: string;
  flock: ReadFlock;
  change: (text: string) => void;
}) {
  const id = useId();
  const say = (parts: readonly string[]): void => change(parts.join(', '));
  const said = flock.birds.map((b) => b.said);
  return (
    <section>
      <label htmlFor={id} className="font-title text-[1.1rem]">
        {number === null ? '' : `${number}. `}
        Who will live in it?
      </label>
      <input
        id={id}
        className="input mt-1"
        value={text}
        onChange={(e) => change(e.target.value)}
        placeholder="7 Sussex and a cock"
        aria-describedby={`${id}-read`}
        autoComplete="off"
        maxLength={500}
      />
      <select
        className="mt-1 w-full cursor-pointer border-0 bg-transparent text-[0.88rem] text-chalk max-lg:min-h-[44px]"
        aria-label="Or add six of a breed from the list"
        value=""
        onChange={(e) => {
          const more = `6 ${e.target.value}`;
          if (e.target.value !== '') change(text.trim() === '' ? more : `${text}, ${more}`);
        }}
      >
        <option value="">or add six of a breed from the list</option>
        {BREEDS.map((b) => (
          <option key={b.id} value={plainName(b.name)}>
            {b.name}
          </option>
        ))}
      </select>
      <ul id={`${id}-read`} className="mt-2 flex flex-col gap-1" aria-label="Read as">
        {flock.birds.map((b, i) => {
          const name = birdsName(b);
          const put = (part: string | null): void =>
            say(said.flatMap((s, k) => (k === i ? (part === null ? [] : [part]) : [s])));
          return (
            <li
              key={b.said}
              data-chip={b.breed}
              className="flex items-center gap-1 border border-line bg-raised px-2 text-[0.92rem]"
            >
              <span className="figures w-8 text-right">{b.count}</span>
              <span className="min-w-0 flex-1 truncate pl-1" title={`Read from “${b.said}”`}>
                {name}
                {b.raisedHere ? ', reared here' : ''}
              </span>
              <button
                type="button"
                className="icon-button"
                aria-label={`Fewer: ${name}`}
                disabled={b.count <= 1}
                onClick={() => put(withCount(b.said, b.count, b.count - 1))}
              >
                <Minus size={14} aria-hidden />
              </button>
              <button
                type="button"
                className="icon-button"
                aria-label={`More: ${name}`}
                onClick={() => put(withCount(b.said, b.count, b.count + 1))}
              >
                <Plus size={14} aria-hidden />
              </button>
              <button
                type="button"
                className="icon-button"
                aria-label={`Leave out ${name}`}
                onClick={() => put(null)}
              >
                <X size={14} aria-hidden />
              </button>
            </li>
          );
        })}
      </ul>
      {flock.unread.map((u) => (
        <p key={u.said} role="alert" className="mt-1 text-[0.88rem] text-oxide">
          {issueText(issue(`rough.birds.${u.why}`, { said: u.said }))}
        </p>
      ))}
    </section>
  );
}

/** A breed as it is read again from words. */
const plainName = (name: string): string => name.replace(/, any breed$/, '');

/** What a chip calls its birds: "Sussex", "Cock, any breed", "Medium chicks, any breed". */
function birdsName({ breedName, sex, anyBreed }: ReadFlock['birds'][number]): string {
  if (sex === 'hen') return breedName;
  const kind = sex === 'cock' ? 'cock' : 'chicks';
  return anyBreed && breedName.includes(' hen')
    ? breedName.replace(' hen', ` ${kind}`)
    : `${breedName}, ${kind}`;
}
