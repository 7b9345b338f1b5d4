/** What can hurt a person or a bird, in plain words. They defer to electricians, vets, builders and the authority. */
export const CAUTION_WORDS: Readonly<Record<string, string>> = {
  numbers:
    'Local rules on the number of birds, setbacks and cocks differ, and they decide. Enter yours; the plan is then held to them. Ask your local authority.',
  structure:
    'The shell’s structure, snow load and anchoring are outside this tool. Local codes and a builder decide.',
  wildBirds:
    'Wild birds carry avian influenza. Follow local housing orders, roof the run, share no water with them, and report sudden deaths.',
  looseEnds:
    'Strings, frayed sheet, drilling burrs and staples injure crops and legs. Cut clean and leave no loose ends.',
  meshEnds:
    'Turn or file every sharp end of mesh, screw and staple. Nothing comes through on the birds’ side.',
  dusts:
    'Mineral dust, lime and wood ash hurt lungs, and wet ash burns: a mask when you fill a bath, and only ash of clean wood.',
  hanging:
    'Sizes and strengths here are for birds, on clear sound timber. A person must not hang from bars or shelves.',
  timber:
    'Cured or bare timber only: no lead paint, creosote, sleepers or arsenic-treated wood, and no pallets marked MB.',
  lids: 'A lid or flap over 3 kg wants a stay or a catch: children collect eggs.',
  closing:
    'A coop that is closed for warmth gains a degree or two, and damp and ammonia with it. Keep the high openings open.',
  heaters:
    'Dry litter and dust burn. A heater in a coop is sealed, fixed and on a thermostat, a metre (three feet) and more from active litter and bales; birds that lose it in a power cut suffer more than those that never had it.',
  layerFeed:
    'Layer feed is not for birds before lay, nor for cocks that are kept on it for long: it harms their kidneys.',
  pedal:
    'Light and timid birds can starve beside a pedal-lid feeder. Watch each one eat before you take the open feeder away.',
  poison: 'Poison baits: never where birds, pets or children reach.',
  hangingWater:
    'A full drinker is heavy. The joist it hangs from must bear it; nobody hangs from it.',
  galvanised: 'No vinegar in galvanised vessels.',
  ammonia:
    'If you can smell ammonia at roost height it is already too much, for eyes and lungs, yours too.',
  dust: 'A mask when clearing out; wash hands; no kissing birds, no eating in the coop. Children under five, pregnant and immune-weak people stay out of the clean-out: salmonella, fungal spores, psittacosis.',
  straw:
    'Straw may carry sprays and mites and mats when wet; hay moulds and its long strands bind in the crop. Chop it, turn it daily, and take out what is wet.',
  turning:
    'Turning litter releases ammonia: birds out, doors open, a mask, heaters a metre (three feet) and more away.',
  poweredDoor:
    'Test a powered door with an obstacle. Leave it on manual until every bird has been on the bars fourteen nights running, and count heads at dusk.',
  mains:
    'Mains outdoors: residual-current protection, outdoor-rated cable and box, no joints on the ground, a drip loop; fixed wiring by a licensed electrician.',
  heatLamp:
    'Fire: a heat lamp is the commonest cause of coop fires. Two independent fixings, a guard, clearance, no extension reels, dust off. A contact plate is the safer choice.',
  coatedBulbs: 'No PTFE-coated (“shatter-proof”) bulbs near birds: their fumes kill.',
  warmEnd: 'A hot end and a cool end, always; look in at night. No fuel heaters: carbon monoxide.',
  medicines:
    'Medicines, medicated feed and oils: follow the label, mind egg withdrawal, and ask a vet.',
};
