export { keepIdentity } from './keep-identity';
export { apart, byKind, list, needing, object, oneSetOf, type Fields } from './objects';
export { once } from './once';
export * from './patch';
export { named, optional, reader, required, type Field, type Reader } from './reader';
export { cameAs, partText, remembered } from './remembered';
export { readWrong, Report, type JobError } from './report';
export { writeSchema, type Schema } from './schema';
export { length, moment, number, oneOf, orObject, text, wordOr, yesNo } from './values';
