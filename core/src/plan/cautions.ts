/** Cautions, each shown at the step where it applies. Usual practice; the maker's manual and local rules come first. */
export const CAUTIONS = {
  hotOil: 'Oil may still be hot. Gloves, and a pan that does not tip.',
  heavyFalls:
    'Heavy parts fall free when a fit lets go. Sling or block them first; keep feet and hands clear.',
  splinters: 'Hardened rings splinter under a puller, press or hammer. Shield and eye protection.',
  press: 'Never stand in line with a press. Support the ring on its full face.',
  solvent: 'Solvent: fresh air, gloves, no flame.',
  noSpinning: 'Never spin a bearing with compressed air.',
  hotParts: 'Hot case: dry heat-proof gloves. Say so to the others at the bench and mark it hot.',
  fumes:
    'Oil smokes before it burns. Wash the case first; fresh air. An oven used for parts is not used for food again.',
  noFlame: 'No naked flame: near fuel, solvent or magnesium, and never on a ring.',
  frost: 'Frozen rings burn skin and draw water. Dry gloves; wipe frost off before they go in.',
  dryIce:
    'Dry ice burns skin and its gas displaces air: thick gloves, open doors, never a closed room; no alcohol near a hot case.',
  airTest:
    'Air is a spring: low pressure only, from behind a guard, regulator and relief valve fitted.',
  compound: 'Retaining compound and cleaner: gloves, fresh air, none on skin or in eyes.',
  turning: 'Sleeves and hair clear of turning parts.',
} as const;
export type CautionId = keyof typeof CAUTIONS;
