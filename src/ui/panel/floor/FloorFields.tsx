'use client';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { useAssessment, usePlan } from '../../session/bench';

/** The floor that is left by what stands on it. */
export function FloorFields() {
  const { fixtures, shell } = usePlan();
  const { figures } = useAssessment();
  const takers = fixtures.filter((f) => figures.get(`floor.taken.${f.id}`));
  return (
    <div className="flex flex-col gap-2.5">
      <WorkingHost className="text-[0.9rem]">
        <dl className="flex flex-col gap-0.5">
          <div className="flex justify-between gap-3">
            <dt>Floor inside the walls</dt>
            <dd className="figures">
              <Figure id="floor.inside" />
            </dd>
          </div>
          {shell.storage === null ? null : (
            <div className="flex justify-between gap-3 text-soft">
              <dt>your own strip</dt>
              <dd className="figures">
                <span aria-hidden="true">− </span>
                <Figure id="floor.storage" />
              </dd>
            </div>
          )}
          {takers.map((f) => (
            <div key={f.id} className="flex justify-between gap-3 text-soft">
              <dt>
                taken by <span data-name>{f.name}</span>
              </dt>
              <dd className="figures">
                <span aria-hidden="true">− </span>
                <Figure id={`floor.taken.${f.id}`} />
              </dd>
            </div>
          ))}
          <div className="flex justify-between gap-3 border-line border-t pt-0.5 font-semibold">
            <dt>Usable</dt>
            <dd className="figures">
              <Figure id="floor.have" />
            </dd>
          </div>
        </dl>
      </WorkingHost>
    </div>
  );
}
