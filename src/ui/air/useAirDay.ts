'use client';
import { useMemo } from 'react';
import { airDay } from '@/core/air/airDay';
import type { AirMoment } from '@/core/air/airMoment';
import { useBench, useWhole, useWorked } from '../session/bench';
import { useAirShow } from './airShow';

/**
 * The hours of the design day that is looked at, for the plan as it is in hand; null without a climate or birds, and
 * until the core has come.
 */
export function useAirDay(): readonly AirMoment[] | null {
  const worked = useWorked();
  const plan = useBench((s) => s.held?.plan ?? s.plan);
  const whole = useWhole();
  const day = useAirShow((s) => s.day);
  const flock = worked && whole.planned > 0 ? whole.flock : null;
  return useMemo(() => {
    const climate = flock?.climate ?? null;
    return plan === null || flock === null || climate === null
      ? null
      : airDay(plan, flock, climate, day);
  }, [plan, flock, day]);
}
