/** Every station's own panel, fetched together. */
export { FlockFields } from '../FlockFields';
export { SchoolList } from '../SchoolList';
export { AirFields } from './AirFields';
export { AtTheBench } from './AtTheBench';
export { BarDetails, RoostDetails } from './BarDetails';
export { BrooderFields } from './BrooderFields';
export { DoorFields } from './DoorFields';
export { FeedFields, WaterFields } from './FeedFields';
export { LitterPanel } from './LitterPanel';
export { NestDetails, NestOpeningDays } from './NestDetails';
export { ReachFields } from './ReachFields';
export { RoughMeasures } from './RoughMeasures';
export { ShellDetails } from './ShellDetails';
