'use client';
import { ChevronLeft, ChevronRight, Search } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';

/** Where in the list a page stands. */
export interface Place {
  /** What is looked for in the names; empty: every plan is shown. */
  readonly find: string;
  readonly total: number;
  readonly found: number;
  /** From 1. */
  readonly page: number;
  readonly pages: number;
}

/** A list that fits a screen or two is looked over, not searched. */
const FEW = 8;
/** What is typed is looked for after such a pause, ms. */
const PAUSE_MS = 250;

const hrefOf = (find: string, page = 1): string => {
  const asked = new URLSearchParams({
    ...(find === '' ? {} : { find }),
    ...(page === 1 ? {} : { page: String(page) }),
  });
  return asked.size === 0 ? '/' : `/?${asked}`;
};

/** A field that looks for a plan by its name. Without scripts it is a form. */
export function PlanFinder({ place }: { place: Place }) {
  const router = useRouter();
  const [text, setText] = useState(place.find);
  const asked = useRef(place.find);
  // a link may have led to another list meanwhile
  useEffect(() => {
    if (place.find === asked.current) return;
    asked.current = place.find;
    setText(place.find);
  }, [place.find]);
  useEffect(() => {
    if (text.trim() === asked.current) return;
    const timer = setTimeout(() => {
      asked.current = text.trim();
      router.replace(hrefOf(asked.current), { scroll: false });
    }, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text, router]);
  if (place.total <= FEW && place.find === '') return null;
  return (
    <search className="mt-5 flex flex-wrap items-center gap-x-4 gap-y-2">
      <form action="/" className="relative w-full max-w-sm" onSubmit={(e) => e.preventDefault()}>
        <Search
          size={16}
          aria-hidden
          className="pointer-events-none absolute top-1/2 left-2.5 -translate-y-1/2 text-soft"
        />
        <input
          type="search"
          name="find"
          className="input w-full pl-8"
          aria-label="Find a plan by its name"
          placeholder="Find a plan by its name"
          maxLength={80}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      </form>
      <p role="status" className="text-soft">
        {place.find === '' ? `${place.total} plans` : `${place.found} of ${place.total} plans`}
      </p>
    </search>
  );
}

/** What stands where no name has what is looked for. */
export function NothingFound({ find }: { find: string }) {
  return (
    <p className="mt-6 border border-line border-dashed px-6 py-10 text-center text-soft">
      No plan has “<span data-name>{find}</span>” in its name.{' '}
      <Link href="/" className="text-chalk underline">
        Show all plans
      </Link>
    </p>
  );
}

/** The way to the pages before and after. */
export function PageLinks({ place: { find, page, pages } }: { place: Place }) {
  if (pages === 1) return null;
  return (
    <nav aria-label="Pages of the list" className="mt-5 flex items-center justify-center gap-3">
      <PageLink to={page - 1} find={find} pages={pages}>
        <ChevronLeft size={16} aria-hidden /> Earlier plans
      </PageLink>
      <span className="text-soft">
        Page {page} of {pages}
      </span>
      <PageLink to={page + 1} find={find} pages={pages}>
        Later plans <ChevronRight size={16} aria-hidden />
      </PageLink>
    </nav>
  );
}

function PageLink({
  to,
  find,
  pages,
  children,
}: {
  to: number;
  find: string;
  pages: number;
  children: React.ReactNode;
}) {
  return to < 1 || to > pages ? (
    <span className="button opacity-40" aria-disabled="true">
      {children}
    </span>
  ) : (
    <Link href={hrefOf(find, to)} prefetch={false} className="button">
      {children}
    </Link>
  );
}
