'use client';
import { useAssessment } from '../../store/bench';
import { VentRows, WindowRows } from './openings';
import { Part, ToldList } from './Told';

/** Every opening that air passes, with what it leaves free. */
export function AirFields() {
  const { items } = useAssessment();
  const entered = items.opening.length > 0;
  return (
    <>
      <ToldList
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
