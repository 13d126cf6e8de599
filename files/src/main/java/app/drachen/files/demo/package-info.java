/**
 * Fills a hangar with the invented demo aircraft and their histories; their logs are flown by
 * rehearsals with fixed seeds. Uses {@code files.hangar}.
 */
package app.drachen.files.demo;
