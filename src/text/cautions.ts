import type { UnitSystem } from '@/core/kernel/units/length';
import { inUnits } from './inUnits';

/** A caution in the units of a plan. */
export const cautionText = (id: string, units: UnitSystem): string =>
  inUnits(CAUTION_WORDS[id] ?? '', units);

/** What can hurt a person or a bird, in plain words. They defer to electricians, vets, builders and the authority. */
export const CAUTION_WORDS: Readonly<Record<string, string>> = {
  numbers:
    'Local rules on the number of birds, on distances and on cocks differ, and they decide. Ask your local authority and enter yours; the plan is then checked against them.',
  structure:
    'This program does not check the strength of the shell, snow on the roof or anchoring. Local codes and a builder decide.',
  wildBirds:
    'Wild birds carry bird flu. Follow local housing orders, roof the run, share no water with them, and report sudden deaths.',
  looseEnds:
    'Strings, frayed sheet, sharp drill edges and staples injure crops and legs. Cut clean and leave no loose ends.',
  meshEnds:
    'Turn or file every sharp end of mesh, screw and staple. Nothing sharp comes through on the birds’ side.',
  dusts:
    'Mineral dust, lime and wood ash hurt lungs, and wet ash burns. Wear a mask when you fill a bath. Use only ash of clean wood.',
  hanging:
    'Sizes and strengths here are for birds, on clear sound timber. A person must not hang from bars or shelves.',
  timber:
    'Use dry or bare timber only. No lead paint, creosote, railway sleepers or arsenic-treated wood, and no pallets marked MB.',
  lids: 'Children collect eggs. A lid or flap over [[3 kg|7 lb]] needs a stay or a catch.',
  closing:
    'A coop that you close for warmth gains a degree or two, and damp and ammonia with it. Keep the high openings open.',
  heaters:
    'Dry litter and dust burn. A heater in a coop must be sealed, fixed and on a thermostat, [[1 m|3 ft]] or more from litter and bales. Birds that lose it in a power cut suffer more than birds that never had it.',
  layerFeed:
    'Layer feed is not for birds before lay, nor for cocks over a long time. It harms their kidneys.',
  pedal:
    'Light and timid birds can starve beside a pedal-lid feeder. Watch each one eat before you take the open feeder away.',
  poison: 'Put poison bait only where no bird, pet or child can reach it.',
  hangingWater:
    'A full drinker is heavy. The joist it hangs from must hold it. No person hangs from it.',
  galvanised: 'Put no vinegar in galvanised vessels.',
  ammonia:
    'If you can smell ammonia at the height of the bars, it is already too much for eyes and lungs, yours too.',
  dust: 'Wear a mask when you clear out, and wash your hands. Do not kiss birds or eat in the coop. Children under five, pregnant women and people with weak immunity stay out of the clean-out: salmonella, mould spores and parrot fever are in the dust.',
  straw:
    'Straw may carry sprays and mites, and mats when wet. Hay goes mouldy, and its long strands block the crop. Chop it, turn it daily, and take out what is wet.',
  turning:
    'Turning litter sets ammonia free. Let the birds out, open the doors, wear a mask, and keep heaters [[1 m|3 ft]] or more away.',
  poweredDoor:
    'Test a powered pop door with something in its way. Leave it on manual until every bird has slept on the bars fourteen nights running. Count heads at dusk.',
  mains:
    'Mains power outdoors needs residual-current (ground-fault) protection, and outdoor-rated cable and box. Leave no joints on the ground, and make a drip loop. A licensed electrician does fixed wiring.',
  heatLamp:
    'Fire: a heat lamp is the commonest cause of coop fires. Use two fixings that do not depend on one another, a guard and clear space. Use no extension reels, and keep it free of dust. A contact plate is safer.',
  coatedBulbs: 'Use no PTFE-coated (“shatter-proof”) bulbs near birds. Their fumes kill.',
  warmEnd:
    'Always leave a hot end and a cool end, and look in at night. Use no heater that burns fuel: it gives off carbon monoxide.',
  medicines:
    'Medicines, medicated feed and oils: follow the label and ask a vet. Do not eat the eggs for as long as the label says.',
};
