/** The Build stage: drawing, figures, inspector. */
package app.drachen.desktop.stage.build;
