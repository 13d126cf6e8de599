/**
 * What the program itself keeps in the user's folders: its log, its error reports, the hangars opened last. Entry type: {@link
 * app.drachen.files.state.UserFolders}. Uses no other package.
 */
package app.drachen.files.state;
