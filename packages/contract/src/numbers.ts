/** A number as a query writes it. */
export const toNumber = ({ value }: { value: unknown }): unknown => (typeof value === 'string' ? Number(value) : value);
