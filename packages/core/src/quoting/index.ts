export { QUOTE_DETAILS, quoteOf, type QuoteBody, type QuoteDetail, type QuoteFace, type QuoteLine } from './quote';
