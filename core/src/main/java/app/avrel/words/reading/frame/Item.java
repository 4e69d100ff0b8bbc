package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A phrase of the line: a thing with whose it is and how one comes to it, a number, a way, an act, or a mark.
 *
 * @param term what it says
 * @param rel the small word before it ("to", "on", "beside"); null where there is none
 * @param who whose it is; null where not said
 * @param many whether it is said of more than one
 * @param from where it begins in the line, from 0
 * @param to where it ends, exclusive
 * @param text as typed, in small letters
 */
public record Item(
        Term term, Term.@Nullable Rel rel, Term.@Nullable Who who, boolean many, int from, int to, String text) {

    /** {@return the same words, where they mean something else} */
    public Item as(Term meant) {
        return new Item(meant, null, null, false, from, to, text);
    }

    public boolean is(Term wanted) {
        return term == wanted;
    }

    public boolean part() {
        return term instanceof Term.Part;
    }

    /** {@return whether a side stands here without the thing it is said of} */
    public boolean bareSide() {
        return term instanceof Term.Who;
    }

    /** {@return whether it names something that is held} */
    public boolean prop() {
        return term instanceof Term.Part part && part.prop();
    }

    public boolean mark() {
        return term instanceof Term.Mark mark && mark != Term.Mark.UNKNOWN && mark != Term.Mark.NOT;
    }

    /** {@return a mark between clauses, or past which one may begin} */
    public boolean soft() {
        return term == Term.Mark.COMMA || term == Term.Mark.AND || term == Term.Mark.UNTIL;
    }

    public Optional<Term.Who> whose() {
        return Optional.ofNullable(who);
    }

    /** {@return whether both are meant: said so, or more than one without a side} */
    public boolean both() {
        return who == Term.Who.BOTH || many && who == null;
    }

    /** {@return whether it is a part of the body with its side, to which nothing leads: what something new begins with} */
    public boolean sidedLimb() {
        return part() && rel == null && who != null && who.side().isPresent();
    }

    public Item of(Term.Who whose) {
        return new Item(bareSide() ? whose : term, rel, whose, false, from, to, text);
    }

    /** {@return the same phrase, with another small word before it, or none} */
    public Item led(Term.@Nullable Rel by) {
        return new Item(term, by, who, many, from, to, text);
    }

    /** {@return the same phrase, said of a side} */
    public Item sided(Term.Who side) {
        return new Item(term, rel, side, many, from, to, text);
    }

    /** {@return what is understood before a phrase and was not said} */
    public static Item unspoken(Term term, Term.@Nullable Who who, Item before) {
        return new Item(term, null, who, false, before.from(), before.from(), "");
    }

    /** {@return the same phrase, as if it said something else} */
    public Item saying(Term other) {
        return new Item(other, rel, who, many, from, to, text);
    }
}
