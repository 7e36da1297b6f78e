/** Rows without columns that were only for counting. */
export const without =
  <Key extends string>(...names: Key[]) =>
  <Row extends Record<Key, unknown>>(row: Row): Omit<Row, Key> => {
    const rest: Partial<Row> = { ...row };
    for (const name of names) delete rest[name];
    return rest as Omit<Row, Key>;
  };
