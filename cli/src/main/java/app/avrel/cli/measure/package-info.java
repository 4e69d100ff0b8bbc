/** What the mechanics say of a stand or a part of one, from JSON to JSON. */
package app.avrel.cli.measure;
