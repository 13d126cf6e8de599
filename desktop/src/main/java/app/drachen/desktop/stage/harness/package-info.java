/** The Harness stage: what is plugged where, drawn to be wired from. */
package app.drachen.desktop.stage.harness;
