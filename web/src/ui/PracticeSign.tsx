/** Says of a job that it is for practice. */
export function PracticeSign() {
  return (
    <span className="border-open text-open inline-flex items-center gap-1 rounded-[2px] border-2 border-dashed px-2 text-base font-bold">
      <span aria-hidden="true">◇</span> practice
    </span>
  );
}
