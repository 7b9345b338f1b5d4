'use client';
import { useEffect, useState } from 'react';
import type { Assessment } from '@/core/assess';
import { pastWalls, project } from '@/core/drawing/projection';
import { parsePlan } from '@/core/edit/parse';
import { fail, issue, ok } from '@/core/kernel/outcome';
import type { Plan } from '@/core/model/schema';
import { sentenceText } from '@/text/sentence';
import { Drawing } from '../drawing/Drawing';
import { TextField } from '../forms/fields';
import { Differences } from '../furniture/Differences';
import { edit, useBench, usePlan } from '../session/bench';
import { fetchEngine } from '../session/engineHere';
import type { Save } from './saves';

const FRAME = { width: 420, height: 230, left: 12, right: 12, top: 10, bottom: 12 };

/** A save as it was, what judging it gives, and the save before it. */
interface Then {
  readonly plan: Plan;
  readonly assessment: Assessment;
  readonly before: Plan | null;
}

/** One save: its drawing and its sentence, what it changed, and what going back would change. */
export function SavePreview({
  save,
  before,
  latest,
  rename,
  close,
}: {
  save: Save;
  /** The save before it, where one is kept. */
  before: Save | null;
  latest: boolean;
  rename: (revision: number, name: string | null) => void;
  close: () => void;
}) {
  const plan = usePlan();
  const on = useBench((s) => s.on);
  const [then, setThen] = useState<Then | null>(null);
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    const load = async (): Promise<void> => {
      const [own, earlier, engine] = await Promise.all([
        readSave(plan.id, save.revision),
        before ? readSave(plan.id, before.revision).catch(() => null) : null,
        fetchEngine(),
      ]);
      setThen({ plan: own, assessment: engine.createAssessor()(own, { on }), before: earlier });
    };
    load().catch(() => setWrong(true));
  }, [plan.id, save.revision, before, on]);
  if (wrong)
    return (
      <p role="alert" className="text-oxide">
        This save can’t be read: the server does not answer, or the save is of another kind.
      </p>
    );
  if (!then) return <p className="text-soft">Reading…</p>;
  const goBack = (): void => {
    edit('Go back to an earlier save', (draft) => {
      Object.assign(draft, then.plan, { name: draft.name });
    });
    close();
  };
  return (
    <div className="flex flex-col gap-3">
      <svg
        viewBox={`0 0 ${FRAME.width} ${FRAME.height}`}
        className="block w-full border border-line bg-paper"
        role="img"
        aria-label="The coop in this save, seen from the front"
      >
        <Drawing
          plan={then.plan}
          birds={then.assessment.birds}
          projection={project('front', then.plan.shell, FRAME, {
            past: pastWalls('front', then.plan),
          })}
        />
      </svg>
      <p className="font-title text-[1.05rem]" data-sentence>
        {sentenceText(then.assessment.sentence)}
      </p>
      {latest ? (
        <p className="text-soft">This is the plan as it stands.</p>
      ) : (
        <div className="text-[0.92rem]">
          <h3 className="text-[1rem]">Going back changes</h3>
          <Differences from={plan} to={{ ...then.plan, name: plan.name }} />
          <button type="button" className="button button-primary mt-2" onClick={goBack}>
            Go back to it
          </button>
        </div>
      )}
      {then.before ? (
        <div className="text-[0.92rem]">
          <h3 className="text-[1rem]">This save changed</h3>
          <Differences from={then.before} to={then.plan} />
        </div>
      ) : null}
      <SaveName planId={plan.id} save={save} rename={rename} />
    </div>
  );
}

/** @throws Error where the save can't be had or read */
async function readSave(id: string, revision: number): Promise<Plan> {
  const response = await fetch(`/api/plans/${id}/saves/${revision}`);
  const parsed = parsePlan(await response.json());
  if (!parsed.ok) throw new Error('the save is no plan');
  return parsed.value;
}

/** The name of a save, by which it is kept for good. */
function SaveName({
  planId,
  save,
  rename,
}: {
  planId: string;
  save: Save;
  rename: (revision: number, name: string | null) => void;
}) {
  /** A name that the server did not take. */
  const [unnamed, setUnnamed] = useState<string | null>(null);
  const name = (text: string) => {
    const wanted = text.trim() || null;
    if (wanted !== null && wanted.length > 80) return fail(issue('name.long', { most: 80 }));
    setUnnamed(null);
    fetch(`/api/plans/${planId}/saves/${save.revision}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: wanted }),
    }).then(
      // what is shown as its name is what the server has
      (response) => (response.ok ? rename(save.revision, wanted) : setUnnamed(wanted ?? '')),
      () => setUnnamed(wanted ?? ''),
    );
    return ok(wanted);
  };
  return (
    <div data-name>
      <TextField
        key={unnamed ?? save.name ?? ''}
        label="Name of this save"
        value={save.name ?? ''}
        commit={name}
      />
      {unnamed === null ? null : (
        <p role="alert" className="mt-1 text-[0.87rem] text-oxide">
          The name “{unnamed}” is not saved: the server does not answer or refused it. Type it again
          when it is there.
        </p>
      )}
    </div>
  );
}
