'use client';
import * as RadioGroup from 'radix-ui/radio-group';
import type { StationId } from '@/core/kernel/finding';
import { fail, issue, type Outcome } from '@/core/kernel/outcome';
import type { Plan } from '@/core/model/schema';
import { RULE_BOOK, topicById } from '@/core/rules/book';
import type { SchoolOffer } from '@/core/stations/schools';
import { EVIDENCE_NAMES } from '@/text/evidence';
import { inUnits } from '@/text/inUnits';
import { TOPIC_NAMES } from '@/text/topics';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { MeasureField } from '../forms/MeasureField';
import { areaIn, lengthIn, ratioIn } from '../forms/measures';
import { edit, haunt, useAssessment, useBench, usePlan } from '../session/bench';
import { nameOf } from './schoolName';

/** Each school with its rule, what the station would carry by it, and its keepers' reason. */
export function SchoolList({
  topic,
  offers,
  station,
}: {
  topic: string;
  offers: readonly SchoolOffer[];
  /** Whose rail shows what a rule would give; left out: that of the open panel. */
  station?: StationId;
}) {
  const choose = (id: string): void => {
    if (id !== 'custom')
      edit(`Rule: ${TOPIC_NAMES[topic] ?? topic}`, (d) => {
        // the kind of litter is a part of the litter itself
        if (topic === 'litter.school') {
          d.litter.school = id.slice('litter.school.'.length) as Plan['litter']['school'];
        } else d.schools[topic] = id;
      });
  };
  return (
    <RadioGroup.Root
      value={offers.find((o) => o.chosen)?.id ?? ''}
      onValueChange={choose}
      aria-label={TOPIC_NAMES[topic] ?? 'Rule'}
      className="mt-1 flex flex-col"
    >
      {offers.map((offer) => (
        <SchoolRow key={offer.id} offer={offer} {...(station ? { station } : {})} />
      ))}
      {topicById(RULE_BOOK, topic).customRange === null ? null : <OwnFigure topic={topic} />}
    </RadioGroup.Root>
  );
}

function SchoolRow({ offer, station: of }: { offer: SchoolOffer; station?: StationId }) {
  const { units } = usePlan();
  const { figures } = useAssessment();
  const open = useBench((s) => s.station);
  const station = of ?? open;
  const evidence =
    (offer.ruleFigure === null ? undefined : figures.get(offer.ruleFigure)?.evidence) ??
    offer.row?.evidence;
  const labelId = `school-${offer.id}`;
  const rest = (): void =>
    haunt(offer.carries === null ? null : { plan: null, rails: { [station]: offer.carries } });
  return (
    <WorkingHost className="flex gap-2 border-line border-t py-2 first:border-t-0">
      {offer.comparisonOnly ? (
        <span className="w-4 shrink-0" />
      ) : (
        <RadioGroup.Item
          value={offer.id}
          aria-labelledby={labelId}
          onPointerEnter={rest}
          onPointerLeave={() => haunt(null)}
          onFocus={rest}
          onBlur={() => haunt(null)}
          className="mt-1 grid size-4 shrink-0 place-items-center rounded-full border border-strong bg-raised hover:border-chalk data-[state=checked]:border-chalk"
        >
          <RadioGroup.Indicator className="size-2 rounded-full bg-chalk" />
        </RadioGroup.Item>
      )}
      <div className="min-w-0 flex-1">
        <div className="flex flex-wrap items-baseline justify-between gap-x-2">
          <span id={labelId} className={offer.chosen ? 'font-semibold' : ''} data-school={offer.id}>
            {nameOf(offer, units)}
          </span>
          {offer.carriesFigure ? (
            <span className="text-[0.9rem]">
              carries <Figure id={offer.carriesFigure} bare className="figures font-semibold" />
            </span>
          ) : null}
        </div>
        <p className="text-[0.84rem] text-soft">
          {offer.ruleFigure === null ? null : (
            <>
              <Figure id={offer.ruleFigure} className="figures" />
              {' · '}
            </>
          )}
          {evidence ? EVIDENCE_NAMES[evidence] : ''}
          {offer.comparisonOnly ? '; only to compare with' : ''}
        </p>
        {offer.row ? (
          <p className="text-[0.84rem]" data-reason>
            {inUnits(offer.row.why, units)}
          </p>
        ) : null}
      </div>
    </WorkingHost>
  );
}

/** A figure of the keeper's own in place of a school's. */
function OwnFigure({ topic }: { topic: string }) {
  const { units, schools } = usePlan();
  const { unit, customRange } = topicById(RULE_BOOK, topic);
  const [least, most] = customRange ?? [0, 0];
  const choice = schools[topic];
  const own = typeof choice === 'object' ? choice.custom : null;
  const measure =
    unit === 'm'
      ? lengthIn(units)
      : unit === 'm2'
        ? areaIn(units)
        : ratioIn(unit === 'hensPerBox' ? 'hens a box' : unit === 'days' ? 'days' : 'times');
  const commit = (value: number): Outcome<unknown> =>
    value >= least && value <= most
      ? edit('Own figure', (d) => {
          d.schools[topic] = { custom: value };
        })
      : fail(
          issue('length.outOfRange', { least: measure.write(least), most: measure.write(most) }),
        );
  return (
    <div className="border-line border-t pt-2">
      <MeasureField
        label={
          unit === 'm' || unit === 'm2'
            ? 'Your own figure, for a hen of medium size'
            : 'Your own figure'
        }
        value={own}
        measure={measure}
        commit={commit}
        placeholder="type one to use it"
      />
    </div>
  );
}
