/**
 * Scripts of what is said, written and read: plain text, Markdown, CSV, WebVTT, SRT, JSON.
 *
 * <p>Open {@link app.avrel.files.script.ScriptFormat} first. Null is refused throughout.
 */
package app.avrel.files.script;
