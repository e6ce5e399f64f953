/**
 * Says of a job that it is for practice.
 * @param small it stands under the name in the frame of a job's pages
 */
export function PracticeSign({ small = false }: { readonly small?: boolean }) {
  return (
    <span
      className={`border-open text-open inline-flex items-center gap-1 rounded-[2px] border-2 border-dashed font-bold ${small ? 'px-1.5 text-[0.85rem] leading-4' : 'px-2 text-base'}`}
    >
      <span aria-hidden="true">◇</span> practice
    </span>
  );
}
