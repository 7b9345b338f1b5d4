import { ROOM_MEASURES } from '@/core/measure/things.data';
import { ROOM_WORDS } from '@/text/measuring';
import { MeasureField } from './MeasureField';
import type { Measuring } from './typed';

/** The room inside, measure by measure. */
export const RoomQuestion = ({ typed, read, put, shown, show }: Measuring) => (
  <section>
    <h2 className="border-line border-b text-[1.1rem]">The room, inside</h2>
    <p className="caption mt-1">
      Rough is enough:{' '}
      {typed.units === 'metric'
        ? '62 cm, about 60 cm, 40 to 50 cm'
        : '24 in, about 2 ft, 16 to 20 in'}
      , knee high, three hands. Empty stays “not measured”.
    </p>
    <div className="mt-1 grid grid-cols-2 gap-2 md:grid-cols-5">
      {ROOM_MEASURES.map((spec) => (
        <MeasureField
          key={spec.id}
          words={ROOM_WORDS[spec.id]}
          value={typed.room[spec.id]}
          units={typed.units}
          statureM={read.statureM}
          height={'height' in spec}
          wrong={read.wrong[`room.${spec.id}`]}
          shown={shown === `room.${spec.id}`}
          show={() => show(`room.${spec.id}`)}
          change={(v) => put({ room: { ...typed.room, [spec.id]: v } })}
        />
      ))}
    </div>
  </section>
);
