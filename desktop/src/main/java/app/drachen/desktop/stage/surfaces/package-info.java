/** The Throws stage: sticks, live surfaces, servo rulers, mixer. */
package app.drachen.desktop.stage.surfaces;
