/**
 * A form as tables that spreadsheets open, and back again.
 *
 * <p>Open {@link app.avrel.files.table.EntryTable} first. Tables are comma-separated with a heading line; counts are written
 * as one would type them. What a table leaves as it was stays as it was in the record. Null is refused throughout.
 */
package app.avrel.files.table;
