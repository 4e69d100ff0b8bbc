package app.avrel.desktop.form;

import app.avrel.desktop.session.Session;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.Groups;
import app.avrel.form.Numbering;
import app.avrel.form.Occurrence;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.SideNaming;
import app.avrel.form.Track;
import app.avrel.posture.Posture;
import app.avrel.project.Setting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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
    static List<EntryLine> of(Session.Desk desk) {
        List<EntryLine> lines = new ArrayList<>();
        int index = 0;
        List<Numbering.Numbers> numbers = new Numbering(desk.project().rules(desk.form())).of(desk.form());
        for (int at = 0; at < desk.form().parts().size(); at++) {
            Part part = desk.form().parts().get(at);
            if (!part.name().isEmpty() || desk.form().parts().size() > 1) {
                lines.add(new Head(at, part.name(), part.entries().size()));
            }
            for (Entry entry : part.entries()) {
                lines.add(entry(desk, entry, index, numbers.get(index).toString()));
                index++;
            }
        }
        return lines;
    }

    private static EntryLine entry(Session.Desk desk, Entry entry, int index, String numbers) {
        Track track = desk.formTrack();
        Optional<Posture> posture = desk.project().posture(entry.posture()).map(entry::done);
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
                below(desk, entry, index),
                facing,
                joins);
    }

    private static String below(Session.Desk desk, Entry entry, int index) {
        Setting setting = desk.project().setting();
        SideNaming sides = new SideNaming(desk.project().rules(desk.form()), setting.chosenBody());
        String side = desk.formTrack().lastOf(index).flatMap(sides::of).orElse("");
        String mirrored = side.isEmpty() && entry.played() == Played.OTHER_SIDE ? "mirrored" : side;
        String times = switch (entry.times()) {
            case 1 -> "";
            case 2 -> "twice";
            case 3 -> "three times";
            default -> entry.times() + " times";
        };
        return Stream.of(mirrored, times, entry.gentler().orElse(""), group(desk.form(), index, entry))
                .filter(said -> !said.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** Which one it is of the group it is taught in. */
    private static String group(Form form, int index, Entry entry) {
        return Groups.of(form).stream()
                .filter(stretch -> stretch.has(index))
                .map(stretch -> entry.group() + " " + (index - stretch.first() + 1) + " of " + stretch.size())
                .findFirst()
                .orElse("");
    }

    /** {@return how an occurrence is called: its number and name} */
    static String title(Session.Desk desk, Occurrence done) {
        Numbering.Numbers numbers =
                new Numbering(desk.project().rules(desk.form())).of(desk.form()).get(done.entry());
        String number = numbers.first() == 0 ? "" : numbers.of(done.repeat()) + ", ";
        return number + done.posture().name();
    }
}
