/** Grids of heights of the ground, in. */
package app.drachen.files.heights;
