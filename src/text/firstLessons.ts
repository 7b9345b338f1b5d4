import { LESSON_VARIANTS, type LessonVariant } from '@/core/air/lessonKinds.data';
import type { Figures } from '@/core/kernel/working';
import { MONTH_NAMES } from './airWords';

/** What a coop's air teaches at first sight: `{name}` is one of its figures, `{month}` the month's name. */
export const FIRST_LESSONS: Readonly<Record<LessonVariant, string>> = {
  'damp.bare':
    'Nothing is open yet. Shut like this, {shutSettled} of water settles on roof and walls on a {month} night. With {area} open high up none does, and it is still {openRise} warmer than outdoors.',
  'damp.bareWet':
    'Nothing is open yet. Shut like this, {shutSettled} of water settles on roof and walls on a {month} night. With {area} open high up it is {openSettled}: outdoors is damp itself.',
  'damp.built':
    'Shut up tight on a {month} night it would be only {gain} warmer, and {more} more water would settle on roof and walls.',
  'damp.builtCold':
    'Shut up tight on a {month} night it would be no warmer, and {more} more water would settle on roof and walls.',
  'frost.bare':
    '{month} nights are about {out}. Nothing is open yet: shut like this, {shutSettled} of water freezes on roof and walls each night. Damp air freezes combs first. With {area} open high up the air stays dry, {openRise} warmer than outdoors.',
  'frost.bareWet':
    '{month} nights are about {out}. Nothing is open yet: shut like this, {shutSettled} of water freezes on roof and walls each night. Damp air freezes combs first. With {area} open high up it is {openSettled}: outdoors is as damp itself.',
  'frost.built':
    '{month} nights are about {out}. Shut up tight it would be only {gain} warmer, and {more} more water would freeze on roof and walls. Damp air freezes combs first.',
  'frost.builtCold':
    '{month} nights are about {out}. Shut up tight it would be no warmer, and {more} more water would freeze on roof and walls. Damp air freezes combs first.',
  'heat.bare':
    'On the hottest afternoons it is {out} outdoors. Shut like this it is {shut} inside. With {area} open, low and high, it is {open}. No opening makes it cooler than outdoors: give shade, and air that moves.',
  'heat.built':
    'On the hottest afternoons it is {out} outdoors, and {open} inside with all of it open. Shut, it would be {shut}. No opening makes it cooler than outdoors: give shade, and air that moves.',
  same: 'On a {month} night it makes no difference to the damp whether you shut it up. It would be {gain} warmer.',
  dry: 'Nothing is open yet, and so few birds dampen it little: on a {month} night hardly any water settles inside.',
};

/** A first lesson in pieces: words, and figures by id. Null where the coop teaches none. */
export function firstLessonPieces(
  figures: Pick<Figures, 'get'>,
): readonly (string | { readonly figure: string })[] | null {
  const variant = LESSON_VARIANTS.find((v) => figures.get(`air.lesson.${v}.month`));
  if (variant === undefined) return null;
  const month = figures.get(`air.lesson.${variant}.month`)?.value ?? 0;
  return FIRST_LESSONS[variant]
    .replaceAll('{month}', MONTH_NAMES[month] ?? '')
    .split(/(\{\w+\})/)
    .filter((piece) => piece !== '')
    .map((piece) =>
      piece.startsWith('{') ? { figure: `air.lesson.${variant}.${piece.slice(1, -1)}` } : piece,
    );
}
