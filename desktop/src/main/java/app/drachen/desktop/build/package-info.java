/** What the build runs on the classes that it has made; none of it is shipped. */
package app.drachen.desktop.build;
