/** Version of the archive's own layout. */
export const ARCHIVE_FORMAT = 1;
