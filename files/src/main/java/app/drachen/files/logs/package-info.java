/** Flight logs from files of any known kind. Entry type: {@link app.drachen.files.logs.LogFiles}. */
package app.drachen.files.logs;
