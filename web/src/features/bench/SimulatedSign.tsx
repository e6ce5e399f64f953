/**
 * Says that what stands beside it comes from a stand-in.
 * @param onPlate it stands on the dark plate of the live reading
 */
export function SimulatedSign({ onPlate = false }: { readonly onPlate?: boolean }) {
  return (
    <span
      className={`inline-flex items-center gap-1 rounded-[2px] border-2 border-dashed border-current px-2 text-base font-bold ${onPlate ? '' : 'text-open'}`}
    >
      <span aria-hidden="true">◇</span> simulated
    </span>
  );
}
