/** Where a tool cannot have read a torque: above where it ends, or below where it begins; null where it can. N·m. */
export function outOfReach(
  { least, most }: { readonly least: number; readonly most: number },
  torque: number,
): 'above' | 'below' | null {
  if (torque > most) return 'above';
  return torque > 0 && torque < least ? 'below' : null;
}
