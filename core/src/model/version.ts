/** The version of the document this build writes. Apart from the schemas, so that knowing it does not load them. */
export const DOCUMENT_VERSION = 10;
