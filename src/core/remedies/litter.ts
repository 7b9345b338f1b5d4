import { cmUp, metres, type Proposer } from './remedy';
import { adding, planning, told } from './setting';
import { boardForBars } from './ways';

export const LITTER_REMEDIES: Readonly<Record<string, readonly Proposer[]>> = {
  'litter.depth.shallow': [
    planning(
      'litter.deepen',
      (d, f) => {
        d.litter.depthM = told(f, 'needed');
      },
      (f) => ({ depth: metres(told(f, 'needed')) }),
    ),
  ],
  'litter.depth.deep': [
    planning(
      'litter.level',
      (d, f) => {
        d.litter.depthM = told(f, 'allowed');
      },
      (f) => ({ depth: metres(told(f, 'allowed')) }),
    ),
  ],
  'litter.depth.outgrows': [
    planning(
      'litter.planFor',
      (d, f) => {
        d.litter.finalM = cmUp(told(f, 'grows'));
      },
      (f) => ({ depth: metres(cmUp(told(f, 'grows'))) }),
    ),
    planning(
      'litter.sooner',
      (d, f, { value }) => {
        const rise = value('litter.rise') ?? 0;
        const days = ((told(f, 'final') + 0.01 - d.litter.depthM) / rise) * 365;
        d.schools['litter.cleanOut'] = { custom: Math.max(7, Math.floor(days)) };
      },
      (f, { plan, value }) => ({
        days: {
          value: Math.max(
            7,
            Math.floor(
              ((told(f, 'final') + 0.01 - plan.litter.depthM) / (value('litter.rise') ?? 1)) * 365,
            ),
          ),
          unit: 'days',
        },
      }),
    ),
  ],
  'litter.board.low': [
    planning(
      'litter.board',
      (d, f) => {
        d.litter.retainingM = cmUp(told(f, 'needed'));
      },
      (f) => ({ height: metres(cmUp(told(f, 'needed'))) }),
    ),
  ],
  'litter.bed.unturned': [
    planning('litter.turn', (d) => {
      d.litter.turned = true;
    }),
  ],
  'litter.floor.seams': [
    planning('litter.seal', (d) => {
      d.shell.floorBuild = 'sealed';
    }),
  ],
  'litter.mesh.noTray': [
    adding('litter.addTray', (_, { plan }) => [boardForBars(plan)]),
    planning('litter.deepSchool', (d) => {
      d.litter.school = 'deep';
      d.litter.depthM = Math.max(d.litter.depthM, 0.1);
    }),
  ],
};
