/** Heat transfer to what surrounds a part, W/(m²·K). Typical handbook values (from memory); middle of the usual span. */
export const MEDIA = {
  fanOven: { words: 'fan oven', transfer: 20 },
  stillOven: { words: 'oven without fan', transfer: 10 },
  freezer: { words: 'freezer, still air', transfer: 10 },
  heatGun: { words: 'heat gun on the boss', transfer: 80 },
  coldBath: { words: 'cold bath', transfer: 300 },
  stillAir: { words: 'air of the shop', transfer: 10 },
} as const;
export type Medium = keyof typeof MEDIA;
