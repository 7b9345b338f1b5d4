import { create } from 'zustand';

/** Whether the list of things is open. */
export const useThings = create<{ readonly open: boolean }>(() => ({ open: false }));

export const openThings = (open: boolean): void => useThings.setState({ open });
