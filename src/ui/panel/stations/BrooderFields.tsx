'use client';
import { Plus } from 'lucide-react';
import { newBrooder } from '@/core/edit/defaults';
import type { Brooder } from '@/core/model/schema';
import { formatDay } from '@/text/format';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { edit, goTo, useAssessment, usePlan } from '../../store/bench';
import { FigureList, Part } from './FigureList';
import { type Spec, SpecFields } from './spec';

const BOX: readonly Spec<Brooder>[] = [
  {
    kind: 'length',
    label: 'Length inside',
    least: 0.1,
    get: (b) => b.lengthM,
    set: (b, m) => {
      b.lengthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Width inside',
    least: 0.1,
    get: (b) => b.widthM,
    set: (b, m) => {
      b.widthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Wall, high',
    most: 2,
    get: (b) => b.wallM,
    set: (b, m) => {
      b.wallM = m;
    },
  },
  {
    kind: 'amount',
    label: 'Air where it stands',
    unit: '°C',
    least: -40,
    most: 50,
    get: (b) => b.airC,
    set: (b, v) => {
      b.airC = v;
    },
  },
  {
    kind: 'length',
    label: 'Feed edge',
    most: 20,
    get: (b) => b.feedEdgeM,
    set: (b, m) => {
      b.feedEdgeM = m;
    },
  },
  {
    kind: 'length',
    label: 'Water rim',
    most: 20,
    get: (b) => b.waterRimM,
    set: (b, m) => {
      b.waterRimM = m;
    },
  },
  {
    kind: 'openAmount',
    label: 'Outdoors: high vents',
    unit: 'm²',
    none: 'stands indoors',
    least: 0,
    most: 5,
    get: (b) => b.ventM2,
    set: (b, v) => {
      b.ventM2 = v;
    },
  },
  {
    kind: 'choice',
    label: 'Its shape',
    choices: [
      { id: 'box', name: 'a box' },
      { id: 'oval', name: 'a round or oval tub' },
    ],
    get: (b) => b.shape,
    set: (b, v) => {
      b.shape = v as Brooder['shape'];
    },
  },
  {
    kind: 'amount',
    label: 'The lid, or its half, weighs',
    unit: 'kg',
    least: 0,
    most: 200,
    step: 0.5,
    when: (b) => b.lid,
    get: (b) => b.lidKg,
    set: (b, v) => {
      b.lidKg = v;
    },
  },
  {
    kind: 'yes',
    label: 'A floor that draws out',
    when: (b) => b.ventM2 !== null,
    get: (b) => b.drawer,
    set: (b, v) => {
      b.drawer = v;
    },
  },
  {
    kind: 'yes',
    label: 'A lid, or mesh over it',
    get: (b) => b.lid,
    set: (b, v) => {
      b.lid = v;
    },
  },
  {
    kind: 'yes',
    label: 'Corners rounded off',
    get: (b) => b.cornersFilled,
    set: (b, v) => {
      b.cornersFilled = v;
    },
  },
];

const isPlate = (b: Brooder): boolean => b.heat.kind === 'plate';
const isLamp = (b: Brooder): boolean => b.heat.kind === 'lamp';

const HEATS: Readonly<Record<Brooder['heat']['kind'], Brooder['heat']>> = {
  plate: { kind: 'plate', widthM: 0.4, depthM: 0.3 },
  lamp: {
    kind: 'lamp',
    watts: 100,
    count: 2,
    aboveM: 0.5,
    coated: false,
    secondFixing: true,
  },
  hen: { kind: 'hen', hens: 1 },
  none: { kind: 'none' },
};

const HEAT: readonly Spec<Brooder>[] = [
  {
    kind: 'choice',
    label: 'Heat',
    choices: [
      { id: 'plate', name: 'contact plate' },
      { id: 'lamp', name: 'radiant lamp' },
      { id: 'hen', name: 'broody hen' },
      { id: 'none', name: 'none' },
    ],
    get: (b) => b.heat.kind,
    set: (b, v) => {
      b.heat = HEATS[v as Brooder['heat']['kind']];
    },
  },
  {
    kind: 'length',
    label: 'Plate, width',
    least: 0.05,
    most: 3,
    when: isPlate,
    get: (b) => (b.heat.kind === 'plate' ? b.heat.widthM : 0),
    set: (b, m) => {
      if (b.heat.kind === 'plate') b.heat.widthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Plate, depth',
    least: 0.05,
    most: 3,
    when: isPlate,
    get: (b) => (b.heat.kind === 'plate' ? b.heat.depthM : 0),
    set: (b, m) => {
      if (b.heat.kind === 'plate') b.heat.depthM = m;
    },
  },
  {
    kind: 'amount',
    label: 'Each lamp',
    unit: 'W',
    least: 0,
    most: 1000,
    step: 25,
    when: isLamp,
    get: (b) => (b.heat.kind === 'lamp' ? b.heat.watts : 0),
    set: (b, v) => {
      if (b.heat.kind === 'lamp') b.heat.watts = v;
    },
  },
  {
    kind: 'count',
    label: 'Lamps',
    least: 1,
    most: 10,
    when: isLamp,
    get: (b) => (b.heat.kind === 'lamp' ? b.heat.count : 1),
    set: (b, n) => {
      if (b.heat.kind === 'lamp') b.heat.count = n;
    },
  },
  {
    kind: 'length',
    label: 'Lamp above the litter',
    most: 3,
    when: isLamp,
    get: (b) => (b.heat.kind === 'lamp' ? b.heat.aboveM : 0),
    set: (b, m) => {
      if (b.heat.kind === 'lamp') b.heat.aboveM = m;
    },
  },
  {
    kind: 'yes',
    label: 'A shatter-proof coating',
    when: isLamp,
    get: (b) => b.heat.kind === 'lamp' && b.heat.coated,
    set: (b, v) => {
      if (b.heat.kind === 'lamp') b.heat.coated = v;
    },
  },
  {
    kind: 'yes',
    label: 'Two fixings and a guard',
    when: isLamp,
    get: (b) => b.heat.kind === 'lamp' && b.heat.secondFixing,
    set: (b, v) => {
      if (b.heat.kind === 'lamp') b.heat.secondFixing = v;
    },
  },
  {
    kind: 'count',
    label: 'Broody hens',
    least: 1,
    most: 20,
    when: (b) => b.heat.kind === 'hen',
    get: (b) => (b.heat.kind === 'hen' ? b.heat.hens : 1),
    set: (b, n) => {
      if (b.heat.kind === 'hen') b.heat.hens = n;
    },
  },
];

/** The brooder: its box, its heat, and when each brood goes out. */
export function BrooderFields() {
  const { brooder } = usePlan();
  const { brooder: worked } = useAssessment();
  if (worked.broods.length === 0) {
    return (
      <div className="flex flex-col gap-2 text-soft">
        <p>
          No group is reared here from the hatch. Say so of a group under Flock, and its brooder is
          sized here.
        </p>
        <button type="button" className="button self-start" onClick={() => goTo('flock')}>
          Go to the flock
        </button>
      </div>
    );
  }
  return (
    <>
      {brooder === null ? (
        <div className="flex flex-col gap-2">
          <p className="text-soft">Chicks are to be reared here and no brooder is entered yet.</p>
          <button
            type="button"
            className="button button-primary self-start"
            onClick={() =>
              edit('Add a brooder', (d) => {
                d.brooder = newBrooder();
              })
            }
          >
            <Plus size={15} aria-hidden /> Add a brooder
          </button>
        </div>
      ) : (
        <>
          <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
            <SpecFields of={brooder} specs={HEAT} change={change} />
            <SpecFields of={brooder} specs={BOX} change={change} />
          </div>
          <FigureList
            rows={[
              { name: 'Lamp asked for', id: 'brooder.lamp.needed' },
              { name: 'Chicks it carries', id: 'brooder.capacity' },
            ]}
          />
        </>
      )}
      <Floor />
      <Out />
      <Joining />
    </>
  );
}

const change = (name: string, recipe: (b: Brooder, p: never) => void) =>
  edit(name, (d) => {
    if (d.brooder) recipe(d.brooder, undefined as never);
  });

/** What chicks stand on, and where they drink. */
function Floor() {
  return (
    <Part title="Floor and water">
      <WorkingHost className="text-[0.9rem]">
        <p>
          Paper towel over the bedding for the first <Figure id="fact.brooder.paper.days" />: on
          bare newspaper legs splay. Then shavings <Figure id="fact.brooder.litter.least" /> to{' '}
          <Figure id="fact.brooder.litter.most" /> deep, never cedar or fine sawdust.
        </p>
      </WorkingHost>
      <p className="text-[0.84rem] text-soft" data-reason>
        A shallow drinker, or pebbles in it, in the first week. Rims go up each week to the back, on
        the cool side.
      </p>
    </Part>
  );
}

/** The first likely day out of each brood, and the chance of a colder night. */
function Out() {
  const { brooder, figures } = useAssessment();
  const { flock } = usePlan();
  return (
    <Part title="Out">
      {brooder.broods.map((b) => (
        <WorkingHost key={b.groupId} className="text-[0.9rem]">
          <p>
            <span className="font-semibold" data-name>
              {flock.find((g) => g.id === b.groupId)?.name}
            </span>{' '}
            can move out from <time data-day={b.out.day}>{formatDay(b.out.day)}</time>, at{' '}
            <Figure id={`brooder.${b.groupId}.out.age`} />
            {figures.get(`brooder.${b.groupId}.out.borne`) ? (
              <>
                , when they bear <Figure id={`brooder.${b.groupId}.out.borne`} /> at night
              </>
            ) : null}
            {figures.get(`brooder.${b.groupId}.out.chance`) ? (
              <>
                ; a colder night in the ten that follow:{' '}
                <Figure id={`brooder.${b.groupId}.out.chance`} />
              </>
            ) : null}
            . You plan <time data-day={b.movesOn}>{formatDay(b.movesOn)}</time>.
          </p>
        </WorkingHost>
      ))}
      <p className="text-[0.84rem] text-soft" data-reason>
        Outdoor nights are taken; what the coop adds is not counted.
      </p>
    </Part>
  );
}

function Joining() {
  return (
    <details className="text-[0.87rem]">
      <summary className="w-fit text-chalk hover:underline max-lg:min-h-[44px]">
        Joining the older birds
      </summary>
      <WorkingHost className="mt-1">
        <p>
          They see each other through mesh for <Figure id="fact.brooder.join.seen" /> to{' '}
          <Figure id="fact.brooder.join.seenMost" />.
        </p>
      </WorkingHost>
      <ul className="list-disc pl-4 text-soft" data-reason>
        <li>Then hours together, watched; in pairs or more, never one alone.</li>
        <li>Not before two thirds of the smallest grown bird’s mass.</li>
        <li>Put on the bars after dark, with a spare feeder and drinker out of sight.</li>
        <li>A pop hole too small for the grown ones is a refuge.</li>
      </ul>
    </details>
  );
}
