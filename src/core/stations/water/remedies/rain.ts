import { vesselUp } from '../../../kernel/units/vesselSize';
import { barrelAcrossM } from '../../../model/barrelForm';
import type { Plan, Rain, Winter } from '../../../model/schema';
import { up } from '../../../model/tape';
import { metres, type Proposal, type Proposer, type Proposers } from '../../../proposals/remedy';
import { changing, fixtureIn, planning, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';
import { heaterFor } from '../../../stores/frost/heater';
import { gutterLs } from '../../../stores/rain/gutter';
import { clearPlace } from '../../../stores/rain/place';
import { eavesOf } from '../../../stores/rain/roof';
import { barrelFault } from '../rain';
import { carry, foam, fount, heat, pump } from './frost';

/** A remedy that sets something of the rain's parts. */
const raining = (code: Proposal['code'], set: (rain: Rain, plan: Plan) => void): Proposer =>
  planning(code, (d) => {
    if (d.rain) set(d.rain, d);
  });

/** A gutter on the eaves that the rain runs to, all of them. */
const eave: Proposer = raining('rain.eave', (rain, plan) => {
  const own = eavesOf(plan.shell, rain.overhangM).map((e) => e.side);
  rain.eaves = plan.shell.roof.kind === 'flat' ? own.slice(0, 1) : own;
});

/** The next gutter of its shape that carries the heaviest rain. */
const gutterLarger: Proposer = (finding, { plan }) => {
  const { rain } = plan;
  if (rain === null) return [];
  const wanted = told(finding, 'peak');
  for (let times = 1.1; times <= 4; times += 0.1) {
    const gutter = scaled(rain.gutter, (m) => up(plan, m * times));
    if (gutterLs(gutter, rain.fall) < wanted) continue;
    const size =
      gutter.shape === 'half'
        ? gutter.acrossM
        : gutter.shape === 'vee'
          ? gutter.sideM
          : gutter.wideM;
    return [
      {
        code: 'rain.gutterLarger',
        fixtures: [],
        numbers: { size: metres(size) },
        hours: 1.5,
        change: (d) => {
          if (d.rain) d.rain.gutter = gutter;
        },
      },
    ];
  }
  return [];
};

const scaled = (gutter: Rain['gutter'], by: (m: number) => number): Rain['gutter'] =>
  gutter.shape === 'half'
    ? { shape: 'half', acrossM: by(gutter.acrossM) }
    : gutter.shape === 'vee'
      ? { shape: 'vee', sideM: by(gutter.sideM) }
      : { shape: 'channel', wideM: by(gutter.wideM), deepM: by(gutter.deepM) };

/** The standpipe as long as the first flush asks for. */
const flushLonger: Proposer = (finding, { plan }) => {
  const longM = up(plan, told(finding, 'needed'));
  return [
    {
      code: 'rain.flushLonger',
      fixtures: [],
      numbers: { length: metres(longM) },
      hours: 0.5,
      change: (d) => {
        if (d.rain) d.rain.flushLongM = longM;
      },
    },
  ];
};

/** The barrel raised until the highest outlet runs. */
const raise: Proposer = (finding, { plan }) => {
  const { rain } = plan;
  if (rain === null) return [];
  const low = told(finding, 'needed') - told(finding, 'above');
  const standM = up(plan, rain.barrel.standM + low);
  return [
    {
      code: 'rain.raise',
      fixtures: [],
      numbers: { height: metres(standM) },
      hours: 1,
      change: (d) => {
        if (d.rain) d.rain.barrel.standM = standM;
      },
    },
  ];
};

/** Two or more barrels joined at the foot, which hold as much as the one: as barrels of their litres are. */
const joined: Proposer = (_, { plan }) => {
  const { rain } = plan;
  if (rain === null) return [];
  for (let times = 2; times <= 4; times++) {
    const litres = vesselUp(rain.barrel.litres / times, plan.units);
    const barrel = { ...rain.barrel, litres, count: rain.barrel.count * times, acrossM: null };
    if (barrel.count > 12 || barrelFault(plan, barrel) !== null) continue;
    return [
      {
        code: 'rain.joined',
        fixtures: [],
        numbers: {
          count: { value: barrel.count, unit: 'things' },
          litres: { value: litres, unit: 'litres' },
        },
        hours: 2,
        change: (d) => {
          if (d.rain) d.rain.barrel = barrel;
        },
      },
    ];
  }
  return [];
};

/** One barrel so wide that it stands. */
const wider: Proposer = (_, { plan }) => {
  const { rain } = plan;
  if (rain === null) return [];
  const from = barrelAcrossM(rain.barrel);
  for (
    let acrossM = up(plan, from);
    acrossM <= Math.min(3, 2.5 * from);
    acrossM = up(plan, acrossM + 0.02)
  ) {
    const barrel = { ...rain.barrel, acrossM };
    if (barrelFault(plan, barrel) !== null) continue;
    return [
      {
        code: 'rain.wider',
        fixtures: [],
        numbers: { across: metres(acrossM) },
        hours: 2.5,
        change: (d) => {
          if (d.rain) d.rain.barrel.acrossM = acrossM;
        },
      },
    ];
  }
  return [];
};

/** The barrel to where it stands before no door. */
const move: Proposer = (_, { plan }) => {
  const { rain } = plan;
  const place = rain && clearPlace(plan, rain.barrel, (m) => up(plan, m));
  if (!place) return [];
  return [
    {
      code: 'rain.move',
      fixtures: [],
      wall: place.side,
      numbers: { along: metres(place.alongM) },
      hours: 1,
      change: (d) => {
        if (d.rain) Object.assign(d.rain.barrel, place);
      },
    },
  ];
};

/** As strong as the coldest night asks for. */
const stronger: Proposer = (finding, { plan }) => {
  const needW = told(finding, 'needed');
  // one is chosen with a quarter to spare
  const sizeW = heaterFor({ litres: 1, areaM2: 1, uWM2K: needW / 3 }, 0).sizeW;
  if (sizeW === null) return [];
  const v = fixtureIn(plan, finding, ['drinker']);
  const set = (winter: Winter): void => {
    if (winter.kind === 'heated') winter.watts = sizeW;
  };
  return [
    {
      code: 'frost.larger',
      fixtures: v ? [v.id] : [],
      numbers: { watts: { value: sizeW, unit: 'electricWatts' } },
      hours: 0.5,
      change: v
        ? changing(v, (own) => set(own.winter))
        : (d) => {
            if (d.rain) set(d.rain.barrel.winter);
          },
    },
  ];
};

const cutOut: Proposer = (finding, { plan }) => {
  const v = fixtureIn(plan, finding, ['drinker']);
  const set = (winter: Winter): void => {
    if (winter.kind === 'heated') winter.cutOut = true;
  };
  return [
    {
      code: 'frost.cutOut',
      fixtures: v ? [v.id] : [],
      numbers: {},
      change: v
        ? changing(v, (own) => set(own.winter))
        : (d) => {
            if (d.rain) set(d.rain.barrel.winter);
          },
    },
  ];
};

export const RAIN_REMEDIES: Proposers = {
  'water.roof.unsafe': [
    planning('rain.none', (d) => {
      d.rain = null;
    }),
  ],
  'water.gutter.noEave': [eave],
  'water.gutter.small': [
    gutterLarger,
    raining('rain.fall', (rain) => {
      rain.fall = Math.max(rain.fall, 2 * ruled('rain.gutter.fall'));
    }),
  ],
  'water.flush.short': [flushLonger],
  'water.stand.shelf': [
    raining('rain.blocks', (rain) => {
      rain.barrel.stand = 'blocks';
    }),
  ],
  'water.barrel.open': [
    raining('rain.lid', (rain) => {
      rain.barrel.lid = true;
      rain.barrel.dark = true;
    }),
  ],
  'water.barrel.door': [move],
  'water.barrel.low': [raise],
  'water.barrel.high': [joined, wider],
  'water.barrel.tall': [joined, wider],
  'water.screens.shed': [
    planning('rain.oneScreen', (d) => {
      d.schools['rain.screens'] = 'rain.screens.barrel';
    }),
  ],
  'water.overflow.footings': [
    raining('rain.overflow', (rain) => {
      rain.barrel.overflow = 'away';
    }),
  ],
  'water.line.fittings': [
    raining('rain.fittings', (rain) => {
      Object.assign(rain.line, { screen: true, flush: true, unions: true });
    }),
  ],
  'water.rain.little': [eave],
  'water.line.undrained': [
    raining('frost.drain', (rain) => {
      rain.line.drain = true;
    }),
  ],
  'water.frost.ice': [heat, fount, pump, carry, foam],
  'water.heater.past': [fount, pump, carry],
  'water.heater.weak': [stronger, foam],
  'water.heater.insulate': [foam],
  'water.heater.cutOut': [cutOut],
};
