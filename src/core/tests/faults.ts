import { BROODER_FAULTS } from './faults.brooder';
import { GROUND_FAULTS } from './faults.ground';
import { HOME_MADE_FAULTS } from './faults.homeMade';
import { MAIN_FAULTS } from './faults.main';
import type { Fault } from './faults.make';
import { PLACE_FAULTS } from './faults.places';
import { RAIN_FAULTS } from './faults.rain';
import { ROOST_FAULTS } from './faults.roosts';
import { SHELL_FAULTS } from './faults.shell';
import { VESSEL_FAULTS } from './faults.vessels';

/** Every code that can be raised, with a plan that raises it alone and a near miss. */
export const FAULTS: readonly Fault[] = [
  ...MAIN_FAULTS,
  ...SHELL_FAULTS,
  ...ROOST_FAULTS,
  ...VESSEL_FAULTS,
  ...HOME_MADE_FAULTS,
  ...RAIN_FAULTS,
  ...GROUND_FAULTS,
  ...BROODER_FAULTS,
  ...PLACE_FAULTS,
];
