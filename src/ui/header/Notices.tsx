'use client';
import { X } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { putOfferedBack, sessionHere, useBench, usePlan } from '../session/bench';

/** Told only where two plans differ at all. */
const Differences = dynamic(() => import('../furniture/Differences').then((m) => m.Differences));
const Clashes = dynamic(() => import('../furniture/Differences').then((m) => m.Clashes));

const ROW =
  'flex flex-wrap items-start gap-x-4 gap-y-2 border-chalk border-l-3 bg-raised px-4 py-2 text-[0.9rem]';

/** Under the header: what two windows have to settle, what came from another, and edits never saved. */
export function Notices() {
  return (
    <>
      <ClashNotice />
      <News />
      <OfferedEdits />
    </>
  );
}

/** Both windows changed one value: each value, and the ways on. */
function ClashNotice() {
  const save = useBench((s) => s.save);
  const plan = usePlan();
  const router = useRouter();
  const [failed, setFailed] = useState(false);
  if (save.kind !== 'conflict') return null;
  const copy = async (): Promise<void> => {
    const address = await sessionHere()
      .saver.keepMineAsCopy()
      .catch(() => null);
    if (address) router.push(address);
    else setFailed(true);
  };
  return (
    <div role="alert" className={`${ROW} border-oxide`}>
      <div className="min-w-0 flex-1">
        <p>
          <strong>This window and another changed the same thing.</strong> Choose one; undo gives
          the other back. All other edits of both are kept.
        </p>
        <Clashes clashes={save.clashes} plan={plan} />
        {failed ? <p className="text-oxide">The server does not answer. Try again.</p> : null}
      </div>
      <button type="button" className="button" onClick={() => sessionHere().saver.endClash('here')}>
        Keep this window’s
      </button>
      <button
        type="button"
        className="button"
        onClick={() => sessionHere().saver.endClash('there')}
      >
        Take the other’s
      </button>
      <button type="button" className="button" onClick={copy}>
        Keep this one as a copy
      </button>
    </div>
  );
}

/** What another window changed, until the next edit here. */
function News() {
  const news = useBench((s) => s.news);
  if (news === null) return null;
  return (
    <div className={ROW} data-news>
      <p className="min-w-0 flex-1 break-words" data-name>
        {news}
      </p>
      <button
        type="button"
        className="icon-button"
        aria-label="Close the message"
        onClick={() => useBench.setState({ news: null })}
      >
        <X size={16} aria-hidden />
      </button>
    </div>
  );
}

/** Edits that an earlier visit could not save, offered on return. */
function OfferedEdits() {
  const offered = useBench((s) => s.offered);
  const plan = usePlan();
  if (!offered) return null;
  return (
    <div role="alert" className={ROW}>
      <div className="min-w-0 flex-1">
        <p>
          <strong>There are edits that were never saved</strong>, from{' '}
          <time dateTime={offered.when}>
            {new Date(offered.when).toLocaleString(undefined, {
              dateStyle: 'long',
              timeStyle: 'short',
            })}
          </time>
          . Putting them back changes:
        </p>
        <Differences from={plan} to={offered.plan} />
      </div>
      <button type="button" className="button button-primary" onClick={putOfferedBack}>
        Put them back
      </button>
      <button
        type="button"
        className="button"
        onClick={() => sessionHere().saver.throwOfferedAway()}
      >
        Throw them away
      </button>
    </div>
  );
}
