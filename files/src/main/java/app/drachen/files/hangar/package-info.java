/**
 * The hangar: one SQLite file with aircraft, revisions, proofs, flights and settings. A revision is
 * the same JSON document that export writes. Uses {@code files} and {@code files.json}.
 */
package app.drachen.files.hangar;
