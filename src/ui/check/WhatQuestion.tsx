import { useId } from 'react';
import { PLACE_KINDS } from '@/core/layout/places.data';
import { FLOORS, MESH_HELD } from '@/text/choices.data';
import { issueText } from '@/text/issues';
import { PLACE_NAMES } from '@/text/places';
import { Field } from '../forms/Field';
import { Select } from '../forms/Select';
import type { Read, Typed } from './typed';

/** What kind of thing it is, and what is asked of a bought one. */
export function WhatQuestion({
  typed,
  read,
  put,
}: {
  typed: Typed;
  read: Read;
  put: (part: Partial<Typed>) => void;
}) {
  const id = useId();
  return (
    <section>
      <h2 className="border-line border-b text-[1.1rem]">What is it?</h2>
      <div className="mt-1 grid grid-cols-2 gap-2 md:grid-cols-3">
        <Select
          label="Kind"
          value={typed.place}
          options={PLACE_KINDS.map((p) => ({ id: p.id, name: PLACE_NAMES[p.id] }))}
          change={(v) => {
            const place = v as Typed['place'];
            put({ place });
          }}
        />
        <Field
          id={`${id}-sold`}
          label="Sold for so many birds"
          error={read.wrong.soldFor ? issueText(read.wrong.soldFor) : null}
        >
          <input
            id={`${id}-sold`}
            className="input figures"
            inputMode="numeric"
            value={typed.soldFor}
            placeholder="no label"
            maxLength={4}
            aria-invalid={read.wrong.soldFor !== undefined}
            onChange={(e) => put({ soldFor: e.target.value.trim() })}
          />
        </Field>
        <Field
          id={`${id}-you`}
          label="You are so tall"
          error={read.wrong.stature ? issueText(read.wrong.stature) : null}
          typed={typed.stature}
          mean={(stature) => put({ stature })}
        >
          <input
            id={`${id}-you`}
            className="input figures"
            value={typed.stature}
            placeholder={typed.units === 'metric' ? '1.68 m' : '5 ft 6 in'}
            maxLength={20}
            aria-invalid={read.wrong.stature !== undefined}
            onChange={(e) => put({ stature: e.target.value })}
          />
        </Field>
        <Select
          label="Its mesh is held by"
          value={typed.meshFixedBy ?? ''}
          options={[{ id: '', name: 'not looked at' }, ...MESH_HELD]}
          change={(v) => put({ meshFixedBy: v === '' ? null : (v as Typed['meshFixedBy']) })}
        />
        <Field
          id={`${id}-board`}
          label="Thinnest board of its walls"
          error={read.wrong.board ? issueText(read.wrong.board) : null}
          typed={typed.board}
          mean={(board) => put({ board })}
        >
          <input
            id={`${id}-board`}
            className="input figures"
            value={typed.board}
            placeholder={typed.units === 'metric' ? '12 mm' : '1/2 in'}
            maxLength={20}
            aria-invalid={read.wrong.board !== undefined}
            onChange={(e) => put({ board: e.target.value })}
          />
        </Field>
        <Select
          label="Its floor is"
          value={typed.floorBuild ?? ''}
          options={[{ id: '', name: 'not looked at' }, ...FLOORS]}
          change={(v) => put({ floorBuild: v === '' ? null : (v as Typed['floorBuild']) })}
        />
      </div>
    </section>
  );
}
