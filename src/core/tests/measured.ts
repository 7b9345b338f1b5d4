import { exactly } from '../measure/bands';
import { type Measured, planOfStanding } from '../measure/standing';
import type { Thing } from '../measure/things';
import {
  type MeasureSpec,
  ROOM_MEASURES,
  THING_MEASURES,
  type ThingChoices,
  type ThingKind,
  USUAL_CHOICES,
} from '../measure/things.data';
import type { Plan } from '../model/schema';
import { DAY } from './plans';

/** Choices as somebody has looked at them. */
const LOOKED_AT: Partial<{ [K in ThingKind]: Partial<ThingChoices[K]> }> = {
  bar: { shape: 'flat' },
  nests: { boxes: 2, outside: false },
  door: { walkedIn: false },
  opening: { cover: 'mesh13', opens: 'closable' },
  feeder: { type: 'tube' },
  drinker: { type: 'fount' },
};

/** A thing with its usual measures, but for those given. */
export const thing = <K extends ThingKind>(
  kind: K,
  bands: Thing['bands'] = {},
  choices: Partial<ThingChoices[K]> = {},
): Thing =>
  ({
    kind,
    choices: { ...USUAL_CHOICES[kind], ...LOOKED_AT[kind], ...choices },
    bands: {
      ...Object.fromEntries(
        THING_MEASURES[kind].map((m: MeasureSpec) => [
          m.id,
          m.along ? { ...exactly(m.usualM), open: true } : exactly(m.usualM),
        ]),
      ),
      ...bands,
    },
  }) as Thing;

/** A coop measured exactly where nothing else is said. */
export const measured = (parts: Partial<Measured> = {}): Measured => ({
  room: Object.fromEntries(
    ROOM_MEASURES.map((m) => [m.id, exactly(m.usualM)]),
  ) as unknown as Measured['room'],
  things: [],
  place: 'shed',
  soldFor: null,
  meshFixedBy: null,
  boardM: null,
  floorBuild: 'boards',
  ...parts,
});

/** The plan of it, with four medium hens. */
export const standing = (parts: Partial<Measured> = {}, hens = 4): Plan =>
  planOfStanding(
    {
      id: 'stands',
      name: 'Stands',
      units: 'metric',
      timeZone: 'UTC',
      birds:
        hens === 0
          ? []
          : [
              {
                breed: 'any-medium',
                count: hens,
                sex: 'hen',
                hatchedOn: null,
                arrivesOn: DAY,
                raisedHere: false,
                name: 'Hens',
              },
            ],
      climate: null,
    },
    measured(parts),
  );
