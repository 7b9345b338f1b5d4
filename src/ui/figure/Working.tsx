'use client';
import { X } from 'lucide-react';
import type { Figure } from '@/core/kernel/working';
import { sourceById } from '@/core/rules/sources.data';
import { EVIDENCE_NAMES } from '@/text/evidence';
import { formatValue } from '@/text/format';
import { inUnits } from '@/text/inUnits';
import { sayFigure } from '@/text/say';
import { itemNames, workingLines } from '@/text/workings';
import { useShown } from './shown';

/** How a figure came about: the formula in words, with this coop's numbers, its source, the other schools. */
export function Working({ figure, onClose }: { figure: Figure; onClose: () => void }) {
  const { assessment, plan, units } = useShown();
  const source = sourceById(figure.source);
  const lines = workingLines(figure, units, itemNames(assessment.items, plan));
  return (
    <section
      aria-label="Working"
      data-working={figure.id}
      className="my-1.5 border-l-2 border-chalk bg-sunk/70 py-2 pr-2 pl-3 text-[0.87rem] text-ink"
    >
      <div className="flex items-start justify-between gap-2">
        <h3 className="text-[0.95rem]">
          Working: <span className="figures">{formatValue(figure.value, figure.unit, units)}</span>
        </h3>
        <button
          type="button"
          className="icon-button -my-1 size-7"
          aria-label="Close the working"
          onClick={onClose}
        >
          <X size={15} aria-hidden />
        </button>
      </div>
      <dl className="mt-1">
        {lines.map((line) =>
          line.formula ? (
            <div key={line.name} className="mt-1">
              <dt className="text-soft">
                {line.name} = {line.formula.words}
              </dt>
              <dd className="figures break-words">
                {line.value} = {line.formula.numbers}
              </dd>
            </div>
          ) : (
            <div
              key={line.name}
              className="mt-1 flex flex-wrap items-baseline justify-between gap-x-3"
            >
              <dt className="text-soft">
                {line.name} <span className="text-[0.8rem]">({line.from})</span>
              </dt>
              <dd className="figures">{line.value}</dd>
            </div>
          ),
        )}
      </dl>
      <p className="mt-2">
        <span className="border border-strong px-1 text-[0.8rem]">
          {EVIDENCE_NAMES[figure.evidence]}
        </span>{' '}
        <strong className="font-semibold">{source.title}.</strong>{' '}
        <span className="text-soft">{source.detail}</span>
      </p>
      <OtherSchools figure={figure} />
      {figure.working === 'roosts.widthOfBird' && plan.climate === null ? (
        <p className="mt-1 text-soft">
          No climate is set, so the rule for hot places does not apply.
        </p>
      ) : null}
    </section>
  );
}

/** What the station would carry by the other schools of the rule behind this figure. */
function OtherSchools({ figure }: { figure: Figure }) {
  const { assessment, units } = useShown();
  const offers = figure.topic === undefined ? undefined : assessment.schools[figure.topic];
  const others = offers?.filter((o) => !o.chosen) ?? [];
  if (others.length === 0) return null;
  return (
    <div className="mt-2">
      <h4 className="text-soft">Other rules</h4>
      <ul>
        {others.map((o) => {
          const rule = o.ruleFigure === null ? undefined : assessment.figures.get(o.ruleFigure);
          return (
            <li key={o.id} className="flex flex-wrap justify-between gap-x-3">
              <span>{o.row ? inUnits(o.row.school, units) : 'your own'}</span>
              <span className="figures">
                {rule ? sayFigure(rule, units) : ''}
                {o.carries === null ? '' : `, carries ${o.carries}`}
              </span>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
