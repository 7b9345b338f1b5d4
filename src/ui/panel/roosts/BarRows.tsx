'use client';
import { Plus } from 'lucide-react';
import { type ComponentType, memo } from 'react';
import { issue } from '@/core/kernel/outcome';
import { formatSection, readSection } from '@/core/kernel/units/section';
import { unread } from '@/core/kernel/units/thousands';
import type { Bar } from '@/core/model/schema';
import { BAR_USES, SECTION_SHAPES } from '@/text/choices.building.data';
import { Figure } from '../../figure/Figure';
import { ChoiceField, LengthField, TextField } from '../../forms/fields';
import { FixtureRow } from '../../furniture/FixtureRow';
import { editFixture } from '../../furniture/fixtures';
import { useAdd } from '../../furniture/useAdd';
import { useAssessment, usePart } from '../../session/bench';
import { useStanding } from '../../session/standing';

const SECTIONS = {
  flat: { widthM: 0.089, heightM: 0.038 },
  round: { widthM: 0.045, heightM: 0.045 },
  square: { widthM: 0.045, heightM: 0.045 },
  branch: { widthM: 0.06, heightM: 0.06 },
} as const;

/** The bars, edited in place. */
interface OfABar {
  readonly bar: Bar;
}

interface Shown extends OfABar {
  readonly of: number;
  readonly Details: ComponentType<OfABar>;
}

/** @param Details  the rest of a bar's fields, which come apart from the first load */
export function BarRows({ Details }: { Details: ComponentType<OfABar> }) {
  const add = useAdd();
  const bars = useStanding('bar');
  return (
    <div className="flex flex-col gap-2.5">
      {bars.length === 0 ? (
        <p className="text-soft">
          No bar yet. Add one, then set its length, height and distance from the wall.
        </p>
      ) : null}
      {bars.map((bar) => (
        <BarRow key={bar.id} bar={bar} of={bars.length} Details={Details} />
      ))}
      <button
        type="button"
        className={`button self-start ${bars.length === 0 ? 'button-primary' : ''}`}
        onClick={() => add('bar')}
      >
        <Plus size={15} aria-hidden /> Add a bar
      </button>
    </div>
  );
}

const isRoundBar = ({ section }: Bar): boolean =>
  section.shape === 'round' || section.shape === 'branch';

/** One bar: drawn anew only where it has changed, since a coop may have twenty and one is dragged. */
const BarRow = memo(function BarRow({ bar, of, Details }: Shown) {
  const units = usePart((plan) => plan.units);
  const shell = usePart((plan) => plan.shell);
  const litter = usePart((plan) => plan.litter);
  const change = (name: string, recipe: (b: Bar) => void) =>
    editFixture('bar', bar.id, name, recipe);
  const alongX = bar.axis === 'x';
  const depth = alongX ? shell.widthM : shell.lengthM;
  return (
    <FixtureRow
      fixture={bar}
      told={[`roosts.bar.${bar.id}.effective`, `roosts.bar.${bar.id}.birds`]}
      of={of}
      summary={<BarCounts bar={bar} />}
    >
      <LengthField
        label="Length"
        value={bar.lengthM}
        units={units}
        least={0.05}
        commit={(m) =>
          change('Length', (b) => {
            b.lengthM = m;
          })
        }
      />
      <LengthField
        label="Height above litter"
        value={bar.z - litter.depthM}
        units={units}
        most={5}
        commit={(m) =>
          change('Height', (b) => {
            b.z = m + litter.depthM;
          })
        }
      />
      <LengthField
        label={alongX ? 'From the rear wall' : 'From the right wall'}
        value={depth - (alongX ? bar.y : bar.x)}
        units={units}
        most={depth}
        commit={(m) =>
          change('Distance from the wall', (b) => {
            if (alongX) b.y = depth - m;
            else b.x = depth - m;
          })
        }
      />
      <LengthField
        label={alongX ? 'From the left wall' : 'From the front wall'}
        value={alongX ? bar.x : bar.y}
        units={units}
        commit={(m) =>
          change('Distance along', (b) => {
            if (alongX) b.x = m;
            else b.y = m;
          })
        }
      />
      <details className="group col-span-full text-[0.9rem]">
        <summary className="w-fit text-[0.84rem] text-chalk hover:underline">
          Section, timber, use, ends
        </summary>
        <div className="mt-1.5 grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
          <ChoiceField
            label="Section"
            value={bar.section.shape}
            choices={SECTION_SHAPES}
            commit={(shape) =>
              change('Section', (b) => {
                const { widthM, heightM } = SECTIONS[shape];
                b.section = { shape, widthM, heightM };
              })
            }
          />
          <TextField
            label="Timber size"
            value={formatSection({ ...bar.section, round: isRoundBar(bar) }, units)}
            commit={(text) => {
              const read = readSection(text, units);
              if (read === null) {
                const example = units === 'metric' ? '38 x 89 or 2x4' : '2x4 or 1 1/2 x 3 1/2 in';
                return unread(text, issue('section.unreadable', { typed: text.trim(), example }));
              }
              return change('Timber size', (b) => {
                const { widthM, heightM, round } = read;
                const wasRound = isRoundBar(b);
                const shape = round === wasRound ? b.section.shape : round ? 'round' : 'flat';
                b.section = { shape, widthM, heightM };
              });
            }}
          />
          <ChoiceField
            label="Use"
            value={bar.use}
            choices={BAR_USES}
            commit={(use) =>
              change('Use', (b) => {
                b.use = use;
              })
            }
          />
          <ChoiceField
            label="Runs"
            value={bar.axis}
            choices={[
              { id: 'x', name: 'left to right' },
              { id: 'y', name: 'front to rear' },
            ]}
            commit={(axis) =>
              change('Direction', (b) => {
                b.axis = axis;
              })
            }
          />
          <ChoiceField
            label="Ends"
            value={bar.wallToWall ? 'wall' : 'free'}
            choices={[
              { id: 'free', name: 'free' },
              { id: 'wall', name: 'wall to wall' },
            ]}
            commit={(ends) =>
              change('Ends', (b) => {
                b.wallToWall = ends === 'wall';
              })
            }
          />
          <Details bar={bar} />
        </div>
      </details>
    </FixtureRow>
  );
});

/** What of a bar counts, and for how many. */
function BarCounts({ bar }: { bar: Bar }) {
  const { figures } = useAssessment();
  return (
    <p>
      <Figure id={`roosts.bar.${bar.id}.effective`} /> of it counts
      {figures.get(`roosts.bar.${bar.id}.birds`) ? (
        <>
          ; <Figure id={`roosts.bar.${bar.id}.birds`} /> sit here
        </>
      ) : bar.use === 'step' ? (
        '; nobody sleeps on a step'
      ) : null}
      .
    </p>
  );
}
