/** Colours, fonts and the one stylesheet. The only place that names a colour. Uses nothing else. */
package app.drachen.desktop.theme;
