'use client';
import { VentRows, WindowRows } from './openings';
import { Part, ToldList } from './Told';

/** Every opening that air passes, with what it leaves free. */
export function AirFields() {
  return (
    <>
      <ToldList
        rows={[
          { name: 'Always open, high', id: 'air.always' },
          { name: '… and asked for in winter', id: 'air.winter.needed' },
          { name: 'High openings in all', id: 'air.high' },
          { name: 'Low openings', id: 'air.low' },
          { name: 'Of all, can be shut', id: 'air.closable' },
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
