/**
 * Flight logs: the catalogue of columns and the column data on one time base. SI and radians; NaN
 * means no sample. Uses {@code units} and {@code math}.
 */
package app.drachen.core.log;
