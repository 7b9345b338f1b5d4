'use client';
import { Plus } from 'lucide-react';
import type { ComponentType } from 'react';
import type { NestBank } from '@/core/model/schema';
import { Figure } from '../../figure/Figure';
import { ChoiceField, CountField, LengthField } from '../../forms/fields';
import { FixtureRow } from '../../furniture/FixtureRow';
import { More } from '../../furniture/Fold';
import { editFixture } from '../../furniture/fixtures';
import { useAdd } from '../../furniture/useAdd';
import { usePlan } from '../../session/bench';
import { useStanding } from '../../session/standing';

const SIDES = [
  { id: 'front', name: 'the front' },
  { id: 'rear', name: 'the rear' },
  { id: 'left', name: 'the left' },
  { id: 'right', name: 'the right' },
] as const;

/** The banks of nest boxes, edited in place. */
interface OfABank {
  readonly bank: NestBank;
}

/** @param Details  the rest of a bank's fields, which come apart from the first load */
export function NestRows({ Details }: { Details: ComponentType<OfABank> }) {
  const add = useAdd();
  const banks = useStanding('nestBank');
  return (
    <div className="flex flex-col gap-2.5">
      {banks.length === 0 ? (
        <p className="text-soft">
          No nest yet. Add a bank of boxes, then set how many, how large and how high.
        </p>
      ) : null}
      {banks.map((bank) => (
        <NestRow key={bank.id} bank={bank} of={banks.length} Details={Details} />
      ))}
      <button
        type="button"
        className={`button self-start ${banks.length === 0 ? 'button-primary' : ''}`}
        onClick={() => add('nestBank')}
      >
        <Plus size={15} aria-hidden /> Add a bank of nests
      </button>
    </div>
  );
}

interface Shown extends OfABank {
  readonly of: number;
  readonly Details: ComponentType<OfABank>;
}

function NestRow({ bank, of, Details }: Shown) {
  const { units, litter, shell } = usePlan();
  const change = (name: string, recipe: (b: NestBank) => void) =>
    editFixture('nestBank', bank.id, name, recipe);
  return (
    <FixtureRow
      fixture={bank}
      told={[`nests.bank.${bank.id}.lip`]}
      of={of}
      summary={
        <p>
          Lip <Figure id={`nests.bank.${bank.id}.lip`} /> above the litter.
        </p>
      }
    >
      <CountField
        label="Boxes"
        value={bank.boxes}
        least={1}
        most={60}
        commit={(n) =>
          change('Boxes', (b) => {
            b.boxes = n;
          })
        }
      />
      <CountField
        label="Tiers"
        value={bank.rows}
        least={1}
        most={4}
        commit={(n) =>
          change('Tiers', (b) => {
            b.rows = n;
          })
        }
      />
      <LengthField
        label="Box width"
        value={bank.boxW}
        units={units}
        least={0.1}
        most={2}
        commit={(m) =>
          change('Box width', (b) => {
            b.boxW = m;
          })
        }
      />
      <LengthField
        label="Box depth"
        value={bank.boxD}
        units={units}
        least={0.1}
        most={2}
        commit={(m) =>
          change('Box depth', (b) => {
            b.boxD = m;
          })
        }
      />
      <LengthField
        label="Box height"
        value={bank.boxH}
        units={units}
        least={0.1}
        most={2}
        commit={(m) =>
          change('Box height', (b) => {
            b.boxH = m;
          })
        }
      />
      <LengthField
        label="Lip above litter"
        value={bank.lipZ - litter.depthM}
        units={units}
        most={4}
        commit={(m) =>
          change('Lip', (b) => {
            b.lipZ = m + litter.depthM;
          })
        }
      />
      <LengthField
        label="From the left wall"
        value={bank.x}
        units={units}
        commit={(m) =>
          change('Place', (b) => {
            b.x = m;
          })
        }
      />
      <LengthField
        label="From the front wall"
        value={bank.y}
        units={units}
        most={shell.widthM}
        commit={(m) =>
          change('Place', (b) => {
            b.y = m;
          })
        }
      />
      <ChoiceField
        label="Entrances look to"
        value={bank.faces}
        choices={SIDES}
        commit={(faces) =>
          change('Entrances', (b) => {
            b.faces = faces;
          })
        }
      />
      <ChoiceField
        label="Stands"
        value={bank.hungOutside ? 'outside' : 'inside'}
        choices={[
          { id: 'inside', name: 'inside' },
          { id: 'outside', name: 'hung outside' },
        ]}
        commit={(where) =>
          change('Place', (b) => {
            b.hungOutside = where === 'outside';
          })
        }
      />
      <More title="Collecting, floor, lid, rail">
        <Details bank={bank} />
      </More>
    </FixtureRow>
  );
}
