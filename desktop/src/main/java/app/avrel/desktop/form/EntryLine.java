package app.avrel.desktop.form;

import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.form.Numbering;
import app.avrel.form.Occurrence;
import java.util.List;

/** A line of the form's list. */
sealed interface EntryLine {

    /** The head of a part. */
    record Head(int part, String name, int entries) implements EntryLine {}

    /**
     * An entry.
     *
     * @param index of the entry, from 0
     * @param number as the school counts; empty where it has none
     * @param below side and repeats
     * @param facing at its end, in words
     * @param joins whether every way in fits
     */
    record Of(int index, String number, String name, String below, String facing, boolean joins) implements EntryLine {}

    /** {@return the lines of a form} */
    static List<EntryLine> of(Desk desk) {
        return new EntryLines(desk).all();
    }

    /** {@return how an occurrence is called: its number and name} */
    static String title(Desk desk, Occurrence done) {
        Numbering.Numbers numbers =
                desk.project().numbering(desk.form()).of(desk.form()).get(done.entry());
        String name = Words.name(done.posture());
        return numbers.first() == 0 ? name : Words.listed(List.of(Integer.toString(numbers.of(done.repeat())), name));
    }
}
