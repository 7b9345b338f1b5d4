'use client';
import { AirPlayer } from '../../air/AirPlayer';
import { FirstLesson } from '../../air/FirstLesson';
import { SeasonMeasures } from '../../air/SeasonMeasures';
import { ThermometerPart } from '../../air/ThermometerPart';
import { YearPart } from '../../air/YearPart';
import { FigureList, Part } from '../../furniture/FigureList';
import { useAssessment } from '../../session/bench';
import { WorkedFor } from '../climate/WorkedFor';
import { VentRows, WindowRows } from '../openings/openings';

/** Every opening that air passes, with what it leaves free. */
export function AirFields() {
  const { items, chosen } = useAssessment();
  const rule = chosen['air.area']?.params ?? {};
  const entered = items.opening.length > 0;
  return (
    <>
      <FirstLesson />
      <WorkedFor>{followsClimate(rule)}</WorkedFor>
      <FigureList
        rows={[
          { name: 'In winter, open high up', id: 'air.winter.needed' },
          ...(entered
            ? [
                { name: '… and there', id: 'air.always' },
                { name: 'High openings in all', id: 'air.high' },
                { name: 'Low openings', id: 'air.low' },
                { name: 'Of all, can be shut', id: 'air.closable' },
              ]
            : []),
        ]}
      />
      <Part title="Vents">
        <VentRows />
      </Part>
      <Part title="Windows">
        <WindowRows />
      </Part>
      <AirPlayer />
      <SeasonMeasures />
      <YearPart />
      <ThermometerPart />
    </>
  );
}

/** How the rule chosen takes the climate in. */
function followsClimate({
  computed,
  floorShare = 0,
  hotFloorShare = 0,
}: Partial<Record<string, number>>) {
  if (computed === 1)
    return 'The openings follow its coldest night, its hottest hour, and your birds.';
  return hotFloorShare > floorShare
    ? 'The rule chosen needs more where summers are hot. Cold changes nothing here.'
    : 'The rule chosen is the same in every climate.';
}
