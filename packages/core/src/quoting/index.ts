export { readCustomer, type Customer } from './customer-row';
export { QUOTE_DETAILS, quoteOf, type QuoteBody, type QuoteDetail, type QuoteFace, type QuoteLine } from './quote';
