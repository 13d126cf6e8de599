/** Stages that have no instruments yet. */
package app.drachen.desktop.stage.later;
