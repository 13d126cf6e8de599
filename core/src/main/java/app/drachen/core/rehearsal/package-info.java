/** A card flown in the model by a pilot model. Uses {@code cards} and the floors below. */
package app.drachen.core.rehearsal;
