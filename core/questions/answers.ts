/** Answers to questions that were asked, by question. */
export type Answers = Readonly<Record<string, number | string>>
