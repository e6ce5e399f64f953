import type { StockAtHand } from '../../stores/useStockAtHand.ts';
import { Notice } from '../../ui/Notice.tsx';
import { WorkshopLink } from '../../ui/WorkshopLink.tsx';

/** What is not known of the box now. */
export function StockNotices({ stock, failed, unsure }: StockAtHand) {
  if (unsure)
    return (
      <Notice tone="warn" title="What other jobs have taken from the box is not known now">
        The server does not answer: look whether the pieces are there.
      </Notice>
    );
  if (stock?.length === 0)
    return (
      <Notice tone="warn" title="The shim box is empty">
        <WorkshopLink to="box">Put the sizes at hand into the box</WorkshopLink>
      </Notice>
    );
  if (stock !== null) return null;
  return failed ? (
    <Notice title="The stock cannot be fetched" tone="warn" />
  ) : (
    <Notice title="Fetching the stock…" />
  );
}
