'use client';
import { useState } from 'react';
import { shippedClimate } from '@/core/edit/place';
import type { Outcome } from '@/core/kernel/outcome';
import { formatTemperature } from '@/core/kernel/units/temperature';
import { CLIMATES } from '@/core/model/climates.data';
import type { Plan, PlanClimate } from '@/core/model/schema';
import { monthsOf } from '@/core/weather/climate';
import { readNormals } from '@/formats/normals';
import { changedText } from '@/text/changed';
import { EXPOSURES } from '@/text/choices.data';
import { climateChoice } from '@/text/climates';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { ChoiceField } from '../../forms/fields';
import { MeasureField } from '../../forms/MeasureField';
import { degreesIn, heightIn } from '../../forms/measures';
import { NormalsField } from '../../forms/NormalsField';
import { edit, inView, say, useAssessment, usePlan, withEngine } from '../../session/bench';
import { FrostLine } from './FrostLine';
import { WeatherFile } from './WeatherFile';

const NONE = 'none';
const PASTED = 'pasted';
const FILE = 'file';

/** The weather of the place: one of the shipped types, or normals pasted by the keeper. */
export function ClimateFields() {
  const { climate, units } = usePlan();
  const { figures } = useAssessment();
  const [asked, setAsked] = useState<typeof PASTED | typeof FILE | null>(null);
  /** What choosing another climate changed. */
  const [changed, setChanged] = useState<string | null>(null);
  const pasted = climate?.source.kind === 'normals';
  const filed = climate?.source.kind === 'hours' ? climate.source.name : null;
  const shown = climate === null ? NONE : shownOf(climate);
  const choices = [
    { id: NONE, name: 'not set' },
    ...CLIMATES.map((c) => ({ id: c.id, name: climateChoice(c, units) })),
    { id: PASTED, name: pasted ? 'your own normals' : 'your own normals…' },
    { id: FILE, name: filed === null ? 'a weather file, hour by hour…' : `hours of ${filed}` },
  ];
  const choose = (id: string): Outcome<unknown> => {
    setAsked(id === PASTED || id === FILE ? id : null);
    if (id === PASTED || id === FILE) return { ok: true, value: null };
    let done: Outcome<unknown> = { ok: true, value: null };
    // chosen before the core has come, it is done, and told of, when it has
    withEngine(() => {
      const before = inView();
      done = edit('Climate', (d) => {
        d.climate = id === NONE ? null : shippedClimate(id, d.climate);
      });
      const after = inView();
      if (!done.ok || !before || !after) return;
      const text = changedText(before, after, units);
      setChanged(text);
      say(text);
    });
    return done;
  };
  const change = (name: string, recipe: (c: PlanClimate) => void): Outcome<Plan> =>
    edit(name, (d) => {
      if (d.climate) recipe(d.climate);
    });
  return (
    <section aria-label="Weather" className="flex flex-col gap-2">
      <h3 className="text-[1rem]">Weather of the place</h3>
      <ChoiceField label="Climate" value={asked ?? shown} choices={choices} commit={choose} />
      {changed === null ? null : (
        <p className="border-chalk border-l-3 pl-2 text-[0.87rem]" data-changed>
          {changed}
        </p>
      )}
      {asked === PASTED || (pasted && asked === null) ? (
        <PasteNormals done={() => setAsked(null)} />
      ) : null}
      {asked === FILE || (filed !== null && asked === null) ? (
        <WeatherFile
          done={(text) => {
            setAsked(null);
            setChanged(text);
          }}
        />
      ) : null}
      {climate === null ? (
        <p className="text-[0.87rem] text-soft">
          Without one, feed and water are worked at {formatTemperature(20, units)}, and the rules
          for hot and cold places are left out.
        </p>
      ) : (
        <>
          <WorkingHost className="text-[0.87rem] text-soft">
            {figures.get('climate.designWinter') && figures.get('climate.designSummer') ? (
              <p>
                Designed for a night of <Figure id="climate.designWinter" /> and an afternoon of{' '}
                <Figure id="climate.designSummer" />.
              </p>
            ) : null}
          </WorkingHost>
          <FrostLine />
          <div className="grid grid-cols-2 gap-x-3 gap-y-2">
            <MeasureField
              label="Latitude"
              value={climate.latitudeDeg}
              measure={degreesIn}
              commit={(deg) =>
                change('Latitude', (c) => {
                  c.latitudeDeg = deg;
                })
              }
            />
            <MeasureField
              label="Altitude"
              value={climate.altitudeM}
              measure={heightIn(units)}
              commit={(m) =>
                change('Altitude', (c) => {
                  c.altitudeM = m;
                })
              }
            />
          </div>
          <ChoiceField
            label="The coop stands in"
            value={climate.exposure}
            choices={EXPOSURES}
            commit={(exposure) =>
              change('Exposure', (c) => {
                c.exposure = exposure;
              })
            }
          />
        </>
      )}
    </section>
  );
}

const shownOf = ({ source }: PlanClimate): string => {
  if (source.kind === 'shipped') return source.id;
  return source.kind === 'normals' ? PASTED : FILE;
};

/** Normals pasted from a spreadsheet: read as typed, told what was read, taken by a press. */
function PasteNormals({ done }: { done: () => void }) {
  const { units, climate } = usePlan();
  const [text, setText] = useState('');
  const read = text.trim() === '' ? null : readNormals(text, units);
  const take = (): void => {
    if (!read?.ok) return;
    const taken = edit('Normals', (d) => {
      d.climate = {
        source: { kind: 'normals', name: 'My normals', months: read.value.months },
        latitudeDeg: d.climate?.latitudeDeg ?? 50,
        altitudeM: d.climate?.altitudeM ?? 0,
        exposure: d.climate?.exposure ?? 'garden',
      };
    });
    if (!taken.ok) return;
    setText('');
    done();
  };
  const known = monthsOf(climate);
  return (
    <div>
      <NormalsField
        units={units}
        text={text}
        none={
          known
            ? 'Paste others to replace those in use.'
            : 'Lows and highs are enough; typical figures fill in the rest.'
        }
        change={setText}
      />
      <button type="button" className="button mt-1" disabled={!read?.ok} onClick={take}>
        Use these normals
      </button>
    </div>
  );
}
