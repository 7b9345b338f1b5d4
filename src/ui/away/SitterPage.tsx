import type { SitterSheet } from '@/text/sitterSheet';
import { SheetBar } from '../print/SheetBar';

/** The sitter's sheet on the screen, and on one page of paper. */
export function SitterPage({ planId, sheet }: { planId: string; sheet: SitterSheet }) {
  return (
    <main className="mx-auto max-w-3xl px-6 py-5 print:max-w-none print:p-0">
      <SheetBar planId={planId} />
      <h1 className="border-ink border-b-2 pb-2 text-[1.7rem]" data-name>
        {sheet.title}
      </h1>
      <p className="mt-2 text-soft" data-reason>
        {sheet.dates}
      </p>
      {sheet.parts.map((part) => (
        <section key={part.title} className="mt-4 break-inside-avoid">
          <h2 className="text-[1.1rem]">{part.title}</h2>
          <ul className="mt-1 flex flex-col gap-1.5" data-reason>
            {part.lines.map((line) => (
              <li key={line} className="flex items-baseline gap-2.5">
                {part.tick ? (
                  <span
                    aria-hidden="true"
                    className="inline-block size-[11px] shrink-0 border border-ink"
                  />
                ) : null}
                <span className={part.blank ? 'w-56 shrink-0' : ''}>{line}</span>
                {part.blank ? (
                  <span aria-hidden="true" className="h-6 flex-1 border-ink border-b" />
                ) : null}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </main>
  );
}
