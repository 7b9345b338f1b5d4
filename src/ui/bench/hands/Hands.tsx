'use client';
import { useGesture } from '@use-gesture/react';
import { type RefObject, useEffect, useRef } from 'react';
import type { Frame, Past, Projection } from '@/core/drawing/projection';
import type { View } from '@/core/drawing/shape';
import {
  sessionHere,
  useBench,
  useInHand,
  usePlan,
  useWhole,
  useWorked,
} from '../../session/bench';
import { closer, fitted, lookAt, panned, useCameras } from '../camera';
import { CutLine } from './CutLine';
import { Dimensions } from './Dimensions';
import { Grips } from './Grips';
import { Guides } from './Guides';
import { type Hold, holdOf, letGo, moveHold } from './hold';
import { InHandShapes } from './InHandShapes';
import { Loupe } from './Loupe';
import { MarkOuts } from './MarkOuts';
import { useOncePerFrame } from './oncePerFrame';

/** How far the wheel turns for twice the size, px. */
const WHEEL_PX = 420;

/**
 * What hands do on a drawing: move things, pull their ends, drag marks of the story stick and the cut, pan and zoom;
 * and what is shown of the fixture that is picked or in hand.
 */
export function Hands({
  canvas,
  drawing,
  view,
  fit,
  projection,
  frame,
  past,
  narrow,
}: {
  /** Where hands act: the drawing, and what is shown over it. */
  canvas: RefObject<HTMLElement | null>;
  /** Id of what is drawn. */
  drawing: string;
  view: View;
  /** Of the whole coop. */
  fit: Projection;
  /** As the camera shows it. */
  projection: Projection;
  frame: Frame;
  /** What is drawn past the walls. */
  past: Past;
  narrow: boolean;
}) {
  const worked = usePlan();
  const inHand = useInHand();
  // what is in hand is ahead of what has been worked
  const plan = inHand.plan ?? worked;
  const pickedId = useBench((s) => s.picked);
  const picked = plan.fixtures.find((f) => f.id === pickedId) ?? null;
  const held = useBench((s) => s.held);
  const both = useBench((s) => s.both);
  const section = useBench((s) => s.section);
  const cutM = useBench((s) => s.cutM);
  const { flock } = useWhole();
  // before the browser has worked the flock nothing is known of it but its climate
  const heaviestKg = useWorked() ? flock.heaviestOnBarsKg : null;
  const hold = useRef<Hold | null>(null);
  const pressed = useRef<EventTarget | null>(null);
  useEffect(() => fitted(view, fit, frame), [view, fit, frame]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== 'Escape' || hold.current === null) return;
      event.preventDefault();
      hold.current = null;
      sessionHere().hand.letFall();
    };
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, []);
  const inFrame = useOncePerFrame();
  const pointOf = (x: number, y: number): [number, number] => {
    const box = canvas.current?.getBoundingClientRect();
    return [x - (box?.left ?? 0), y - (box?.top ?? 0)];
  };
  useGesture(
    {
      onPointerDown: ({ event }) => {
        pressed.current = event.target;
      },
      onDrag: ({
        first,
        last,
        movement,
        pinching,
        cancel,
        tap,
        altKey,
        delta,
        touches,
        xy,
        event,
      }) => {
        if (tap) return;
        if (pinching || touches > 1) {
          hold.current = null;
          sessionHere().hand.letFall();
          cancel();
          return;
        }
        if (first) hold.current = holdOf(pressed.current, projection);
        if (hold.current) {
          const [own, { scale }] = [hold.current, projection];
          const isFinger = 'pointerType' in event && event.pointerType === 'touch';
          inFrame(() => {
            if (isFinger && !last) useInHand.setState({ finger: pointOf(xy[0], xy[1]) });
            moveHold(own, movement, scale, altKey);
          }, last);
        } else if (!last || delta[0] !== 0) {
          lookAt(view, panned(fit, useCameras.getState()[view] ?? null, delta));
        }
        if (!last || !hold.current) return;
        letGo(hold.current);
        hold.current = null;
      },
      onPinch: ({ origin, movement: [times], first, memo }) => {
        const from = first ? (useCameras.getState()[view] ?? null) : memo;
        lookAt(view, closer(fit, frame, from, times, pointOf(origin[0], origin[1])));
        return from;
      },
      onWheel: ({ event, delta: [, dy], pinching }) => {
        if (pinching || hold.current) return;
        event.preventDefault();
        const from = useCameras.getState()[view] ?? null;
        const at = pointOf(event.clientX, event.clientY);
        lookAt(view, closer(fit, frame, from, 2 ** (-dy / WHEEL_PX), at));
      },
    },
    {
      target: canvas,
      eventOptions: { passive: false },
      // what is pressed may be drawn anew, or before another thing, while it is moved: the window hears where the hand goes
      drag: { filterTaps: true, threshold: 3, pointer: { keys: false, capture: false } },
      wheel: { eventOptions: { passive: false } },
    },
  );
  const shown = held ? (plan.fixtures.find((f) => f.id === held.fixtures[0]) ?? picked) : picked;
  const isInCoop = shown !== null && !('place' in shown && shown.place === 'run');
  // of two drawings the one that the finger is on
  const isHere = hold.current !== null;
  const shapes = held ? (
    <InHandShapes
      held={held}
      plan={plan}
      worked={worked}
      projection={projection}
      cutM={view === section ? cutM : 0}
    />
  ) : null;
  return (
    <>
      {shown ? (
        <MarkOuts
          fixture={shown}
          plan={plan}
          projection={projection}
          heaviestKg={heaviestKg}
          isMoving={held !== null}
        />
      ) : null}
      {shapes}
      {view === 'above' && both ? (
        <CutLine section={section} cutM={cutM} shell={plan.shell} projection={projection} />
      ) : null}
      {shown && isInCoop && !narrow ? (
        <Dimensions fixture={shown} plan={plan} projection={projection} frame={frame} past={past} />
      ) : null}
      {picked && isInCoop ? (
        <Grips
          fixture={picked}
          plan={plan}
          projection={projection}
          frame={frame}
          coarse={isCoarse()}
        />
      ) : null}
      {held ? <Guides held={inHand} plan={plan} projection={projection} frame={frame} /> : null}
      {held && inHand.finger && isHere ? (
        <Loupe finger={inHand.finger} drawing={drawing} frame={frame}>
          {shapes}
        </Loupe>
      ) : null}
    </>
  );
}

/** Whether a finger, not a mouse, is what points. */
const isCoarse = (): boolean =>
  typeof matchMedia === 'function' && matchMedia('(pointer: coarse)').matches;
