/** What a version of the renderer does otherwise than the one before it. */
export interface EngineChange {
  engine: number;
  /** What is otherwise, in words for whoever looks after sites. */
  says: string;
  /** What that is good for, or what stays bad without it. */
  matters: string;
}

/** The versions of the renderer since they are told, the oldest first. Each version has one at least. */
export const ENGINE_CHANGES: readonly EngineChange[] = [
  {
    engine: 5,
    says: 'At night the bars of a phone’s browser around a page take its night colour.',
    matters: 'A dark page in a bright frame dazzles whoever reads in the dark.',
  },
];

/** What a site drawn by a version of the renderer lacks, the oldest first. */
export const changesSince = (engine: number): EngineChange[] => ENGINE_CHANGES.filter((c) => c.engine > engine);
