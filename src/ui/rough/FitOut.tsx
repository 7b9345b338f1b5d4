'use client';
import { Fragment, useState } from 'react';
import { pastWalls, project } from '@/core/drawing/projection';
import type { View } from '@/core/drawing/shape';
import { formatLength, type UnitSystem } from '@/core/kernel/units/length';
import type { Choices } from '@/core/layout/fitOut';
import type { RoughJson } from '@/formats/roughJson';
import { STATION_NAMES } from '@/text/stations';
import { Drawing } from '../drawing/Drawing';

type Made = Extract<RoughJson, { kind: 'fits' }>;

const VIEWS: readonly { readonly view: View; readonly name: string }[] = [
  { view: 'front', name: 'From the front' },
  { view: 'above', name: 'From above' },
];
const FRAME = { width: 430, height: 300, left: 10, right: 10, top: 10, bottom: 10 };

/** A fit-out as it would stand, and why it is so. */
export function FitOut({
  made,
  choose,
  chosen,
}: {
  made: Made;
  choose: (choices: Choices) => void;
  /** Whether something has been chosen otherwise. */
  chosen: boolean;
}) {
  const [shown, setShown] = useState<string | null>(null);
  const { plan } = made;
  return (
    <div className="flex h-full min-h-0 flex-col gap-3">
      <h2 className="text-[1.2rem]" data-sentence aria-live="polite">
        {made.sentence}
      </h2>
      <div className="grid min-h-0 flex-1 gap-4 lg:grid-cols-[minmax(0,1fr)_330px]">
        <div className="flex min-h-0 flex-col gap-2">
          {VIEWS.map(({ view, name }) => (
            <figure key={view} className="flex min-h-0 flex-1 flex-col border border-line bg-paper">
              <svg
                viewBox={`0 0 ${FRAME.width} ${FRAME.height}`}
                className="block min-h-0 w-full flex-1"
                role="img"
                aria-label={`${plan.name}, ${name.toLowerCase()}`}
                data-view={view}
              >
                <Drawing
                  plan={plan}
                  birds={made.birds}
                  projection={project(view, plan.shell, FRAME, { past: pastWalls(view, plan) })}
                  picked={shown}
                />
              </svg>
              <figcaption className="border-line border-t px-2 py-0.5 text-[0.82rem] text-soft">
                {name}, {formatLength(plan.shell.lengthM, { units: plan.units })} ×{' '}
                {formatLength(plan.shell.widthM, { units: plan.units })}
              </figcaption>
            </figure>
          ))}
        </div>
        <div className="flex min-h-0 flex-col">
          <div className="flex items-baseline justify-between gap-2">
            <h3 className="text-[1.05rem]">Why this</h3>
            {chosen ? (
              <button
                type="button"
                className="text-[0.88rem] text-chalk hover:underline max-lg:min-h-[44px]"
                onClick={() => choose({})}
              >
                As first proposed
              </button>
            ) : null}
          </div>
          <div className="mt-1 min-h-0 flex-1 overflow-y-auto pr-1 text-[0.9rem]" data-why>
            {partsOf(made.why).map(({ heading, lines }) => (
              <Fragment key={heading}>
                {heading === null ? null : <h4 className="mt-3 mb-1 font-semibold">{heading}</h4>}
                <ol>
                  {lines.map((line) => (
                    <li
                      key={line.text}
                      className="border-line border-t py-1.5"
                      onPointerEnter={() => setShown(line.fixtures[0] ?? null)}
                      onPointerLeave={() => setShown(null)}
                    >
                      <p>
                        {line.fixtures.length === 0 ? (
                          <span className="caption mr-1.5">{stationOf(line)}:</span>
                        ) : (
                          <button
                            type="button"
                            className="caption mr-1.5 hover:text-chalk"
                            title="Show it on the drawings"
                            aria-pressed={shown === line.fixtures[0]}
                            onFocus={() => setShown(line.fixtures[0] ?? null)}
                            onClick={() => setShown(line.fixtures[0] ?? null)}
                          >
                            {stationOf(line)}:
                          </button>
                        )}{' '}
                        {line.text}
                      </p>
                      {line.rule ? (
                        <details className="text-[0.8rem] text-soft">
                          <summary className="w-fit hover:text-chalk max-lg:py-3">
                            By the rule: {line.rule}
                          </summary>
                          <p className="pl-3">{line.ruleWhy} Another can be chosen on the bench.</p>
                        </details>
                      ) : null}
                      {line.instead.length > 0 ? (
                        <div className="mt-1 flex flex-wrap items-center gap-1">
                          <span className="text-[0.8rem] text-soft">Instead:</span>
                          {line.instead.map((other) => (
                            <button
                              key={other.text}
                              type="button"
                              className="border border-line bg-raised px-1.5 text-[0.82rem] text-chalk hover:border-chalk max-lg:min-h-[44px]"
                              onClick={() => choose(other.choices)}
                            >
                              {other.text}
                            </button>
                          ))}
                        </div>
                      ) : null}
                    </li>
                  ))}
                </ol>
              </Fragment>
            ))}
          </div>
          {made.findings.length > 0 ? (
            <details className="border-line border-t pt-1.5 text-[0.88rem]">
              <summary className="text-soft max-lg:py-2.5">
                Still to think of: {made.findings.length}
              </summary>
              <ul className="max-h-40 overflow-y-auto">
                {made.findings.map((f) => (
                  <li key={f.title + f.text} className="mt-1">
                    <strong className="font-semibold">{f.title}.</strong> {f.text}
                  </li>
                ))}
              </ul>
            </details>
          ) : null}
        </div>
      </div>
    </div>
  );
}

interface WhyPart {
  readonly heading: string | null;
  readonly lines: Made['why'];
}

/** The decisions of one zone, and after a heading those of the other. */
function partsOf(why: Made['why']): WhyPart[] {
  const at = why.findIndex((line) => line.heading);
  return at < 0
    ? [{ heading: null, lines: why }]
    : [
        { heading: null, lines: why.slice(0, at) },
        { heading: why[at]?.text ?? null, lines: why.slice(at + 1) },
      ];
}

const stationOf = ({ station }: Made['why'][number]): string =>
  STATION_NAMES[station as keyof typeof STATION_NAMES];

/** Where the birds do not fit: what runs out, how many fit, and the room that holds them all. */
export function Miss({
  made,
  units,
  enlarge,
}: {
  made: Exclude<RoughJson, { kind: 'fits' }>;
  units: UnitSystem;
  enlarge: (sides: { length: string; width: string }) => void;
}) {
  const smallest = made.kind === 'tooSmall' ? made.smallest : null;
  return (
    <div className="border-oxide border-l-3 bg-raised px-4 py-3">
      <p className="font-title text-[1.15rem]" aria-live="polite">
        {made.text}
      </p>
      {smallest === null ? null : (
        <button
          type="button"
          className="button button-primary mt-3"
          onClick={() =>
            enlarge({
              length: formatLength(smallest.lengthM, { units }),
              width: formatLength(smallest.widthM, { units }),
            })
          }
        >
          Make the room that large
        </button>
      )}
    </div>
  );
}
