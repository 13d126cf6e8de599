/** Pages of PDF with the shipped fonts in them. Uses {@code files.sheet}. */
package app.drachen.files.pdf;
