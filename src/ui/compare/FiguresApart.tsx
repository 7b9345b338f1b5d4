'use client';
import { COMPARED_FIGURES } from '@/text/compared';
import { sayFigure } from '@/text/say';
import { Figure } from '../figure/Figure';
import { Figures } from '../figure/shown';
import { WorkingHost } from '../figure/WorkingHost';
import { type Column, LABEL, ROW } from './columns';
import { Letter } from './Heads';

/** The figures in which the plans differ; those that are the same in all are only counted. */
export function FiguresApart({ columns }: { columns: readonly Column[] }) {
  const there = COMPARED_FIGURES.filter(({ id }) =>
    columns.some((c) => c.assessment.figures.has(id)),
  );
  const apart = there.filter(({ id }) => new Set(columns.map((c) => said(c, id))).size > 1);
  const same = there.length - apart.length;
  return (
    <section aria-labelledby="compare-figures" className="mt-5">
      <h2 id="compare-figures" className="border-line border-b text-[1.15rem]">
        Figures that differ
      </h2>
      {apart.length === 0 ? (
        <p className="mt-1 text-soft">None of the {there.length} compared.</p>
      ) : (
        <div className={`${ROW} caption py-1 max-lg:hidden`} aria-hidden>
          <span />
          {columns.map((c) => (
            <Letter key={c.letter} of={c.letter} />
          ))}
        </div>
      )}
      {apart.map(({ id, name }) => (
        <div key={id} data-apart={id} className={`${ROW} border-line border-b py-1`}>
          <h3
            className={`${LABEL} font-normal font-text text-[0.95rem] text-soft first-letter:uppercase`}
          >
            {name}
          </h3>
          {columns.map((c) => (
            <Figures key={c.letter} assessment={c.assessment} plan={c.plan}>
              <div className="min-w-0">
                <WorkingHost className="figures">
                  <span className="mr-1 text-soft lg:sr-only">{c.letter}: </span>
                  {c.assessment.figures.has(id) ? <Figure id={id} /> : '–'}
                </WorkingHost>
              </div>
            </Figures>
          ))}
        </div>
      ))}
      {same > 0 && apart.length > 0 ? (
        <p className="caption mt-1">{same} more are the same in all.</p>
      ) : null}
    </section>
  );
}

const said = ({ assessment, plan }: Column, id: string): string => {
  const figure = assessment.figures.get(id);
  return figure ? sayFigure(figure, plan.units, false, true) : '';
};
