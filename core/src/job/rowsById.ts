/** The rows with one put in, in place of the one with its id. */
export function replaced<Row>(
  rows: readonly Row[],
  row: Row,
  idOf: (row: Row) => string,
): readonly Row[] {
  const known = rows.some((candidate) => idOf(candidate) === idOf(row));
  return known
    ? rows.map((candidate) => (idOf(candidate) === idOf(row) ? row : candidate))
    : [...rows, row];
}

/** The orders but one. */
export function withoutOrder<Order extends { readonly orderId: string }>(
  orders: readonly Order[],
  orderId: string,
): readonly Order[] {
  return orders.filter((row) => row.orderId !== orderId);
}
