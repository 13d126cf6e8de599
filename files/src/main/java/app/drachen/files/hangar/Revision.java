package app.drachen.files.hangar;

import app.drachen.core.setup.Setup;

/**
 * One revision of a set-up.
 *
 * @param number r1, r2, …
 * @param parent the revision it was made from; 0 for the first
 * @param setup the set-up
 * @param reason why it was made, in a few words
 * @param when seconds since 1970-01-01 UTC
 */
public record Revision(int number, int parent, Setup setup, String reason, long when) {}
