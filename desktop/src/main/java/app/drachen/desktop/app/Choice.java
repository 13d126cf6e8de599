package app.drachen.desktop.app;

/**
 * Something to choose in the finder.
 *
 * @param kind what kind of thing it is
 * @param label its name
 * @param run what choosing it does
 */
record Choice(String kind, String label, Runnable run) {}
