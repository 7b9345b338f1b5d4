'use client';
import { BUILDS, ROOFS } from '@/text/choices.building.data';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { ChoiceField, LengthField } from '../../forms/fields';
import { roofOfKind } from '../../forms/roof';
import { edit, usePlan } from '../../session/bench';

const SIDES = [
  { id: 'rear', name: 'the rear' },
  { id: 'front', name: 'the front' },
  { id: 'left', name: 'the left' },
  { id: 'right', name: 'the right' },
] as const;

/** The shell's inside measures and what it is built of. */
export function ShellFields() {
  const { units, shell, name } = usePlan();
  const { roof } = shell;
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="sr-only">The shell of {name}</legend>
      <WorkingHost className="text-[0.9rem]">
        <p className="text-soft">
          Inside measures: <Figure id="floor.inside" /> of floor, <Figure id="floor.have" /> of it
          usable.
        </p>
      </WorkingHost>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
        <LengthField
          label="Length, left to right"
          value={shell.lengthM}
          units={units}
          least={0.3}
          of="room"
          commit={(m) =>
            edit('Length', (d) => {
              d.shell.lengthM = m;
            })
          }
        />
        <LengthField
          label="Width, front to rear"
          value={shell.widthM}
          units={units}
          least={0.3}
          of="room"
          commit={(m) =>
            edit('Width', (d) => {
              d.shell.widthM = m;
            })
          }
        />
        <ChoiceField
          label="Roof"
          value={roof.kind}
          choices={ROOFS}
          commit={(kind) =>
            edit('Roof', (d) => {
              d.shell.roof = roofOfKind(kind, d.shell.roof);
            })
          }
        />
        {roof.kind === 'mono' ? (
          <ChoiceField
            label="High side"
            value={roof.highSide}
            choices={SIDES}
            commit={(side) =>
              edit('High side', (d) => {
                if (d.shell.roof.kind === 'mono') d.shell.roof.highSide = side;
              })
            }
          />
        ) : null}
        {roof.kind === 'gable' ? (
          <ChoiceField
            label="Ridge runs"
            value={roof.ridgeAxis}
            choices={[
              { id: 'x', name: 'left to right' },
              { id: 'y', name: 'front to rear' },
            ]}
            commit={(axis) =>
              edit('Ridge', (d) => {
                if (d.shell.roof.kind === 'gable') d.shell.roof.ridgeAxis = axis;
              })
            }
          />
        ) : null}
        {roof.kind === 'flat' ? (
          <LengthField
            label="Height inside"
            value={roof.highM}
            units={units}
            least={0.3}
            of="room"
            commit={(m) =>
              edit('Height', (d) => {
                d.shell.roof.lowM = m;
                d.shell.roof.highM = m;
              })
            }
          />
        ) : (
          <>
            <LengthField
              label="Height, low side"
              value={roof.lowM}
              units={units}
              least={0.3}
              of="room"
              commit={(m) =>
                edit('Low side', (d) => {
                  d.shell.roof.lowM = m;
                })
              }
            />
            <LengthField
              label={roof.kind === 'gable' ? 'Height at the ridge' : 'Height, high side'}
              value={roof.highM}
              units={units}
              least={0.3}
              of="room"
              commit={(m) =>
                edit('High side', (d) => {
                  d.shell.roof.highM = m;
                })
              }
            />
          </>
        )}
        <LengthField
          label="Floor above ground"
          value={shell.floorAboveGroundM}
          units={units}
          most={3}
          commit={(m) =>
            edit('Floor above ground', (d) => {
              d.shell.floorAboveGroundM = m;
            })
          }
        />
        <ChoiceField
          label="Walls"
          value={shell.wallBuild}
          choices={BUILDS}
          commit={(build) =>
            edit('Walls', (d) => {
              d.shell.wallBuild = build;
            })
          }
        />
        <ChoiceField
          label="Roof of"
          value={shell.roofBuild}
          choices={BUILDS}
          commit={(build) =>
            edit('Roof', (d) => {
              d.shell.roofBuild = build;
            })
          }
        />
      </div>
    </fieldset>
  );
}
