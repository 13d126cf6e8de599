/** Flight logs as CSV (RFC 4180, UTF-8, point as decimal sign, SI). Uses {@code files}. */
package app.drachen.files.csv;
