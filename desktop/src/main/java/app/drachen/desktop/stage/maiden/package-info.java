/** The Maiden stage: field, card, rehearsal. */
package app.drachen.desktop.stage.maiden;
