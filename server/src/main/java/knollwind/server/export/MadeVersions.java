package knollwind.server.export;

/**
 * Versions that have been ordered together.
 *
 * @param batch by which they are asked for
 * @param count of paintings: versions times formats
 */
record MadeVersions(String batch, int count) {}
