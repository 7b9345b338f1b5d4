'use client';
import { create } from 'zustand';

/** Whether the house rules stand in the middle, in place of the drawing. */
export const useHouseRules = create<{ readonly open: boolean }>(() => ({ open: false }));

export const openHouseRules = (): void => useHouseRules.setState({ open: true });
export const closeHouseRules = (): void => useHouseRules.setState({ open: false });
