import { jointPacks } from './jointPacks.ts';
import type { JointAnswer, JointQuestion } from './jointQuestion.ts';
import type { ShimSize } from './stock.ts';

/** A piece to get for a site, mm. */
export interface JointOrderLine {
  readonly siteId: string;
  readonly thickness: number;
}

/** Steps in which pieces are made, mm. Common practice, no source. */
const STEP = 0.01;
/** Standard uncertainty of a piece that is measured when it comes, mm. */
const PIECE = 0.001;

/**
 * The fewest pieces to get so that packs for all sites can be proven, each of the thickness that is wanted at its site, in steps of a
 * hundredth; the other sites from the box. Of equally few the one whose figures come nearest to their targets.
 *
 * @returns null where nothing has to be got, or not even a piece for every site would do: the limits are narrower than what is known
 * @throws InputError as {@link jointPacks}
 */
export function jointOrder(question: JointQuestion): readonly JointOrderLine[] | null {
  const now = jointPacks(question);
  if (now.status === 'found') return null;
  const lines = question.sites.flatMap(({ id }): readonly JointOrderLine[] => {
    const thickness = Number((Math.round(now.wanted[id]! / STEP) * STEP).toFixed(2));
    return thickness > 0 && thickness <= 20 ? [{ siteId: id, thickness }] : [];
  });
  for (let count = 1; count <= lines.length; count += 1) {
    const good = subsets(lines, count).flatMap((order) => {
      const answer = jointPacks(withOrder(question, order));
      return answer.status === 'found' ? [{ order, off: offOf(question, answer) }] : [];
    });
    if (good.length > 0) return good.toSorted((a, b) => a.off - b.off)[0]!.order;
  }
  return null;
}

/** The same question with the pieces there, each at its own site only. */
function withOrder(question: JointQuestion, order: readonly JointOrderLine[]): JointQuestion {
  const all = question.stock.map(({ id }) => id);
  const pieces = order.map(({ siteId, thickness }): ShimSize => ({
    id: `order:${siteId}`,
    thickness,
    count: 1,
    uncertainty: PIECE,
  }));
  return {
    ...question,
    stock: [...question.stock, ...pieces],
    sites: question.sites.map((site) => ({
      ...site,
      sizes: [...(site.sizes ?? all), `order:${site.id}`],
    })),
  };
}

/** How far the figures of the best choice lie off their targets, as shares of their bands, squared and summed. */
function offOf({ specs }: JointQuestion, { choices }: JointAnswer): number {
  return choices[0]!.expected.reduce((sum, { specId, value }) => {
    const { lower, upper, target } = specs.find(({ id }) => id === specId)!.band;
    if (lower === null || upper === null) return sum;
    return sum + ((value - (target ?? (lower + upper) / 2)) / (upper - lower)) ** 2;
  }, 0);
}

function subsets<T>(of: readonly T[], count: number): readonly (readonly T[])[] {
  if (count === 0) return [[]];
  return of.flatMap((one, at) =>
    subsets(of.slice(at + 1), count - 1).map((rest) => [one, ...rest]),
  );
}
