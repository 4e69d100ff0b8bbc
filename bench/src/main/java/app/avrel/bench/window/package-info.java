/** The window timed as a person meets it: from a key to its picture, and from picture to picture while it plays. */
package app.avrel.bench.window;
