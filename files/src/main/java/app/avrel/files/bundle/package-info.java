/** A project with all that can be made of it, in one file: to hand on, or to lay by. */
@NullMarked
package app.avrel.files.bundle;

import org.jspecify.annotations.NullMarked;
