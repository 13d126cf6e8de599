/** The open set-up document. Values in SI, angles in radians. Uses {@code files}. */
package app.drachen.files.json;
