/** A document as the text of a file and back: loaded when it is needed, for it is half of core. */
export { checkEdit, parseDocument, serializeDocument } from '@dray/core';
