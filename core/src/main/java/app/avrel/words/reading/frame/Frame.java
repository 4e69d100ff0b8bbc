package app.avrel.words.reading.frame;

import java.util.Optional;

/** Reads one kind of thing from a clause. */
interface Frame {

    /** {@return whether a clause with these phrases can be of this kind at all; quick} */
    boolean may(Clause clause);

    /** {@return whether a limb or a verb after a comma may still belong to the same clause} */
    default boolean joins() {
        return false;
    }

    /** {@return the reading; empty where the clause is of another kind} */
    Optional<Fit> read(Clause clause, Situation now);
}
