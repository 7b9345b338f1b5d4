import { verdictOf } from '@/core/carrying/verdict';
import type { Seasons } from '@/core/staves';
import { CHALK_AT, FILLS, railOf } from './rail';

/** A rail for each season, the upper one winter's: what is there by what that season asks for. */
export function SeasonRails({
  seasons,
  planned,
  on,
  ghost,
}: {
  seasons: Seasons;
  planned: number;
  /** Whether its station is open: the row is of another paper then. */
  on: boolean;
  /** Birds it would carry by what is rested on. */
  ghost: number | null;
}) {
  return (
    <>
      <span className="sr-only">
        {`Winter has ${percent(seasons.winter)} of what it asks for, summer ${percent(seasons.summer)}.`}
      </span>
      <div
        className="pointer-events-none relative mt-1.5 h-[14px]"
        aria-hidden="true"
        data-rail
        data-seasons
      >
        {(['winter', 'summer'] as const).map((season) => (
          <Rail key={season} season={season} share={seasons[season]} planned={planned} on={on} />
        ))}
        {ghost === null ? null : (
          <div
            className="absolute top-0 left-0 h-full border border-chalk border-dashed bg-chalk-soft/50"
            style={{ width: `${railOf(ghost, planned).length * 100}%` }}
            data-ghost-rail={ghost}
          />
        )}
        <div
          className="absolute -inset-y-0.5 w-[2px] bg-chalk"
          style={{ left: `${CHALK_AT * 100}%` }}
          data-chalk
        />
      </div>
    </>
  );
}

function Rail({
  season,
  share,
  planned,
  on,
}: {
  season: keyof Seasons;
  share: number;
  planned: number;
  on: boolean;
}) {
  const rail = railOf(share, 1);
  const at = season === 'winter' ? 'top-[1px]' : 'top-[8px]';
  return (
    <>
      <div className={`absolute inset-x-0 h-[5px] bg-sunk ${at}`} />
      <div
        className={`absolute left-0 h-[5px] transition-[width] duration-200 ${at} ${FILLS[verdictOf(Math.floor(share * planned + 1e-9), planned)]}`}
        style={{ width: `${rail.length * 100}%` }}
        data-season={season}
        data-length={rail.length}
      />
      <span
        className={`absolute right-0 ${season === 'winter' ? '-top-[4px]' : 'top-[5px]'} ${on ? 'bg-raised' : 'bg-paper'} pl-1 text-[0.62rem] text-soft leading-[10px]`}
      >
        {season}
      </span>
    </>
  );
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** In which season it is short: "in winter", "in summer", or nothing where in both. */
export const shortSeason = ({ winter, summer }: Seasons): string => {
  const [cold, hot] = [winter < 1 - 1e-9, summer < 1 - 1e-9];
  if (cold === hot) return cold ? 'all year' : '';
  return cold ? 'in winter' : 'in summer';
};
