/** Says that what stands beside it comes from a stand-in. */
export function SimulatedSign() {
  return (
    <span className="border-open text-open inline-flex items-center gap-1 rounded-[2px] border-2 border-dashed px-2 font-bold">
      <span aria-hidden="true">◇</span> simulated
    </span>
  );
}
