'use client';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { Fold } from '../../furniture/Fold';
import { useAssessment } from '../../session/bench';

const W = 300;
const H = 84;
const FOOT = 16;

/** What is eaten or drunk month by month, as bars and, behind them, as a list. */
export function MonthBars({ of, title }: { of: 'feed' | 'water'; title: string }) {
  const { months, figures } = useAssessment();
  const rows = months.flatMap((m) => {
    const value = figures.get(m[of])?.value ?? 0;
    return [{ month: m.month, id: m[of], value }];
  });
  const most = Math.max(...rows.map((r) => r.value));
  if (!(most > 0)) return null;
  const w = W / rows.length;
  return (
    <Fold title={title}>
      <svg viewBox={`0 0 ${W} ${H}`} className="w-full" role="img" aria-label={title}>
        {rows.map((r, i) => {
          const h = (r.value / most) * (H - FOOT - 4);
          return (
            <rect
              key={r.month}
              x={i * w + 1}
              y={H - FOOT - h}
              width={Math.max(1, w - 2)}
              height={h}
              className={of === 'water' ? 'fill-chalk-faint' : 'fill-straw'}
            />
          );
        })}
        <line x1="0" x2={W} y1={H - FOOT} y2={H - FOOT} className="stroke-ink" strokeWidth="1.4" />
        {rows
          .map((r, i) => ({ ...r, i }))
          .filter((r) => r.month.endsWith('-01'))
          .map((r) => (
            <text key={r.month} x={r.i * w} y={H - 3} className="fill-soft text-[10px]" data-axis>
              {r.month.slice(0, 4)}
            </text>
          ))}
      </svg>
      <details className="text-[0.87rem]">
        <summary className="w-fit text-chalk hover:underline max-lg:min-h-[44px]">
          Month by month
        </summary>
        <WorkingHost className="relative mt-1 max-h-56 overflow-y-auto">
          <dl className="flex flex-col gap-0.5">
            {rows.map((r) => (
              <div key={r.month} className="flex justify-between gap-3">
                <dt>
                  <time data-day={`${r.month}-01`}>{monthName(r.month)}</time>
                </dt>
                <dd className="figures">
                  <Figure id={r.id} />
                </dd>
              </div>
            ))}
          </dl>
        </WorkingHost>
      </details>
    </Fold>
  );
}

const MONTH = new Intl.DateTimeFormat('en-GB', {
  timeZone: 'UTC',
  month: 'long',
  year: 'numeric',
});
const monthName = (month: string): string => MONTH.format(new Date(`${month}-15T12:00:00Z`));
