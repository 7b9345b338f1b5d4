/** Every station's own panel, fetched together. */

export { AtTheBench } from '../furniture/AtTheBench';
export { SchoolList } from '../furniture/SchoolList';
export { AirFields } from './air/AirFields';
export { BrooderFields } from './brooder/BrooderFields';
export { DoorFields } from './door/DoorFields';
export { FeedFields, WaterFields } from './feed/FeedFields';
export { FlockFields } from './flock/FlockFields';
export { LitterPanel } from './litter/LitterPanel';
export { NestDetails, NestOpeningDays } from './nests/NestDetails';
export { RoughMeasures } from './RoughMeasures';
export { ReachFields } from './reach/ReachFields';
export { BarDetails, RoostDetails } from './roosts/BarDetails';
export { ShellDetails } from './shell/ShellDetails';
