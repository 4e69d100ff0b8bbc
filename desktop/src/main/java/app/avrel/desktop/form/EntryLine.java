package app.avrel.desktop.form;

import app.avrel.body.Side;
import app.avrel.desktop.session.Session;
import app.avrel.form.Entry;
import app.avrel.form.Occurrence;
import app.avrel.form.Part;
import app.avrel.form.Track;
import app.avrel.posture.Posture;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A line of the form's list. */
sealed interface EntryLine {

    /** The head of a part. */
    record Head(String name, int entries) implements EntryLine {}

    /**
     * An entry.
     *
     * @param index of the entry, from 0
     * @param number as counted: each occurrence one
     * @param below side and repeats
     * @param facing at its end, in words
     * @param joins whether every way in fits
     */
    record Of(int index, String number, String name, String below, String facing, boolean joins) implements EntryLine {}

    /** {@return the lines of a form} */
    static List<EntryLine> of(Session.Desk desk) {
        List<EntryLine> lines = new ArrayList<>();
        int index = 0;
        int number = 1;
        for (Part part : desk.form().parts()) {
            if (!part.name().isEmpty() || desk.form().parts().size() > 1) {
                lines.add(new Head(part.name(), part.entries().size()));
            }
            for (Entry entry : part.entries()) {
                lines.add(entry(desk, entry, index++, number));
                number += entry.times();
            }
        }
        return lines;
    }

    private static EntryLine entry(Session.Desk desk, Entry entry, int index, int number) {
        Track track = desk.formTrack();
        Optional<Posture> posture = desk.project().posture(entry.posture()).map(entry::done);
        String numbers = entry.times() == 1 ? Integer.toString(number) : number + "–" + (number + entry.times() - 1);
        boolean joins = track.occurrences().stream()
                .filter(done -> done.entry() == index)
                .allMatch(done -> done.join().fits());
        String facing = track.lastOf(index)
                .map(done ->
                        desk.project().setting().directions().say(done.end().facing()))
                .orElse("");
        return new Of(
                index,
                numbers,
                posture.map(Posture::name).orElse("Not on the shelf: " + entry.posture()),
                below(entry, posture),
                facing,
                joins);
    }

    private static String below(Entry entry, Optional<Posture> posture) {
        String side = posture.flatMap(Posture::side).map(Side::word).orElse("");
        String mirrored = side.isEmpty() && entry.played() == app.avrel.form.Played.OTHER_SIDE ? "mirrored" : side;
        String times = switch (entry.times()) {
            case 1 -> "";
            case 2 -> "twice";
            case 3 -> "three times";
            default -> entry.times() + " times";
        };
        return Stream.of(mirrored, times, entry.gentler().orElse(""))
                .filter(said -> !said.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** {@return how an occurrence is called: its number and name} */
    static String title(Session.Desk desk, Occurrence done) {
        int number = desk.formTrack().occurrences().indexOf(done) + 1;
        return number + ", " + done.posture().name();
    }
}
