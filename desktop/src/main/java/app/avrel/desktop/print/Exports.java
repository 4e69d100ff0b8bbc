package app.avrel.desktop.print;

import app.avrel.body.Body;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.words.Words;
import app.avrel.files.calendar.CourseCalendar;
import app.avrel.files.picture.FigureSvg;
import app.avrel.files.picture.FloorSvg;
import app.avrel.files.picture.FormRibbonSvg;
import app.avrel.files.picture.RibbonSvg;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.motion.Pose;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** A course as a calendar, and what is on the desk as pictures. */
public final class Exports {

    private Exports() {}

    /** Writes the calendar of the course on the desk. {@return why it could not be written; empty where it was} */
    public static Optional<String> calendar(Desk desk, Path path) {
        return desk.course()
                .map(course -> written(path, CourseCalendar.of(desk.project(), course)))
                .orElse(Optional.of(Words.of("print.lesson_belongs_no")));
    }

    /**
     * Writes the count of the posture on the desk as pictures: {@code name-floor.svg}, {@code name-front.svg}, {@code
     * name-side.svg}, and the ribbon of the posture as {@code name-ribbon.svg}.
     *
     * @param path gives the name
     * @return why they could not be written; empty where they were
     */
    public static Optional<String> pictures(Desk desk, Path path) {
        Optional<Occurrence> done = desk.posture().flatMap(posture -> desk.occurrence(posture.id()));
        if (done.isEmpty()) {
            return Optional.of(Words.of("print.there_no_posture"));
        }
        Body body = desk.project().setting().chosenBody();
        List<Moment> count = done.get().moments().stream()
                .filter(moment ->
                        moment.place().count() == Math.max(0, desk.choice().count()))
                .toList();
        Pose before = count.isEmpty() || desk.choice().count() < 0
                ? done.get().done().begins()
                : count.getFirst().before();
        Pose after = count.isEmpty() || desk.choice().count() < 0
                ? done.get().done().begins()
                : count.getLast().after();
        String stem = path.getFileName().toString().replaceFirst("\\.svg$", "");
        return written(path.resolveSibling(stem + "-floor.svg"), FloorSvg.of(before, after, body, 400))
                .or(() -> written(
                        path.resolveSibling(stem + "-front.svg"),
                        FigureSvg.of(after, body, FigureSvg.View.FRONT, 300, 400)))
                .or(() -> written(
                        path.resolveSibling(stem + "-side.svg"),
                        FigureSvg.of(after, body, FigureSvg.View.SIDE, 300, 400)))
                .or(() -> written(
                        path.resolveSibling(stem + "-ribbon.svg"), RibbonSvg.of(List.of(done.get()), 900, 120)));
    }

    /**
     * Writes the ribbon of the form on the desk as one picture.
     *
     * @return why it could not be written; empty where it was
     */
    public static Optional<String> formRibbon(Desk desk, Path path) {
        return desk.form().entries().isEmpty()
                ? Optional.of(Words.of("print.there_no_form"))
                : written(
                        path,
                        FormRibbonSvg.of(
                                desk.formTrack().occurrences(),
                                done -> Words.sided(
                                        Words.name(done.posture()),
                                        done.posture().side())));
    }

    private static Optional<String> written(Path path, String text) {
        try {
            Files.writeString(path, text);
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of(Words.of("print.cannot_be_written", path, String.valueOf(e.getMessage())));
        }
    }
}
