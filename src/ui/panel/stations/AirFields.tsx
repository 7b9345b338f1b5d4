'use client';
import { useAssessment } from '../../store/bench';
import { WorkedFor } from '../WorkedFor';
import { FigureList, Part } from './FigureList';
import { VentRows, WindowRows } from './openings';

/** Every opening that air passes, with what it leaves free. */
export function AirFields() {
  const { items, chosen } = useAssessment();
  const { floorShare = 0, hotFloorShare = 0 } = chosen['air.area']?.params ?? {};
  const asksMoreWhereHot = hotFloorShare > floorShare;
  const entered = items.opening.length > 0;
  return (
    <>
      <WorkedFor>
        {asksMoreWhereHot
          ? 'The rule chosen needs more where summers are hot. Cold changes nothing here.'
          : 'The rule chosen is the same in every climate.'}
      </WorkedFor>
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
    </>
  );
}
