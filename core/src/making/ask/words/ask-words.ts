/**
 * What requests are worded with in one language: meanings (`verb:out`, `kind:gallery`, `comp:size:+`), each with the words
 * for it as the source of a regular expression. Words that say nothing here are `filler:`.
 */
export type AskWords = Readonly<Record<string, string>>;
