import { inView, say, useBench } from '../session/bench';

/** Says where a fixture of the open plan stands now; its words come when they are first wanted. */
export function sayWhereabouts(id: string): void {
  void import('./whereText').then(
    ({ whereText }) => {
      const { plan, refused } = useBench.getState();
      const fixture = plan?.fixtures.find((f) => f.id === id);
      if (plan && fixture && !refused) say(whereText(fixture, plan, inView()));
    },
    // with the server out of sight nothing is said, and what was done stands
    () => undefined,
  );
}
