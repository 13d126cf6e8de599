/** The Modes stage: selector, bank limit, way home. */
package app.drachen.desktop.stage.modes;
