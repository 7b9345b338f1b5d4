import type { DesignDay } from '@/core/weather/designHours';
import { ofEachPlan } from '../session/own';

/** What of the design days is looked at. */
interface AirShow {
  readonly day: DesignDay;
  /** 0…23. */
  readonly hour: number;
  readonly playing: boolean;
}

/** The hour that each day opens on: that which a house is sized by. */
export const FIRST_HOUR = { cold: 3, hot: 15 } as const;

export const useAirShow = ofEachPlan<AirShow>(() => ({ day: 'cold', hour: 3, playing: false }));

export const showDay = (day: DesignDay): void =>
  useAirShow.setState({ day, hour: FIRST_HOUR[day], playing: false });
export const showHour = (hour: number): void => useAirShow.setState({ hour, playing: false });
export const play = (playing: boolean): void => useAirShow.setState({ playing });
/** The next hour, after the last the first again. */
export const nextHour = (): void => useAirShow.setState(({ hour }) => ({ hour: (hour + 1) % 24 }));
