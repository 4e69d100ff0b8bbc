package app.avrel.lesson;

import app.avrel.body.Side;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Entry;
import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Part;
import app.avrel.form.Played;
import app.avrel.form.Shelf;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.lesson.course.Course;
import app.avrel.lesson.course.CourseId;
import app.avrel.lesson.course.Syllabus;
import app.avrel.lesson.course.TeachingFactors;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.words.Wording;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A short form and its lessons. */
public final class LessonSamples {

    public static final Wording SAYING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
    public static final Posture OPEN = posture("Open", Optional.empty(), shift(60), shift(40));
    public static final Posture SWEEP = posture("Sweep", Optional.of(Side.RIGHT), shift(65), shift(100), shift(30));
    public static final Posture WHEEL = posture("Wheel", Optional.empty(), shift(70), shift(20), shift(80), shift(50));
    public static final Form FORM = new Form(
            new FormId("f"),
            "F",
            List.of(new Part(
                    "",
                    List.of(
                            entry("1", OPEN, Played.AS_RECORDED),
                            entry("2", SWEEP, Played.AS_RECORDED),
                            entry("3", SWEEP, Played.OTHER_SIDE),
                            entry("4", WHEEL, Played.AS_RECORDED).times(2)))),
            Optional.empty(),
            Optional.empty());
    public static final Course COURSE = Course.of(new CourseId("c"), "Thursdays", FORM.id(), LocalDate.of(2026, 1, 8));

    private LessonSamples() {}

    private static Move shift(int left) {
        return new Move.Shift(Split.on(Side.LEFT, left));
    }

    public static Posture posture(String name, Optional<Side> side, Move... moves) {
        return Posture.blank(new PostureId(name), name)
                .withSide(side)
                .withCounts(Arrays.stream(moves)
                        .map(move -> Count.of(Stage.of(move)))
                        .toList());
    }

    public static Entry entry(String id, Posture posture, Played played) {
        return Entry.of(new EntryId(id), posture.id(), played);
    }

    public static Track track(Form form, Posture... more) {
        return Unroll.form(
                form,
                new Shelf(
                        Stream.concat(Stream.of(OPEN, SWEEP, WHEEL), Arrays.stream(more))
                                .collect(Collectors.toMap(Posture::id, posture -> posture, (_, newer) -> newer)),
                        Map.of()),
                Standing.POSING);
    }

    public static Teaching teaching(Form form, Posture... more) {
        Track track = track(form, more);
        return new Teaching(
                new FormDone(form, track, way -> way.side() == Played.OTHER_SIDE ? mirrored(form, more) : track),
                SAYING,
                Language.ENGLISH,
                TeachingFactors.USUAL);
    }

    private static Track mirrored(Form form, Posture... more) {
        return track(form.mirrored(new Shelf(Map.of(), Map.of())), more);
    }

    public static Teaching teaching() {
        return teaching(FORM);
    }

    public static Syllabus syllabus() {
        return Syllabus.of(FORM, track(FORM), COURSE);
    }

    public static Stretch stretch(String first, String last) {
        return Stretch.of(new EntryId(first), new EntryId(last));
    }

    public static Lesson lesson(Segment... segments) {
        return Lesson.of(new LessonId("l"), "L", FORM.id(), 50, List.of(segments));
    }

    public static Lesson lesson(String id, String... brings) {
        return Lesson.of(new LessonId(id), id, FORM.id(), 50, List.of())
                .withBrings(Arrays.stream(brings).map(EntryId::new).toList());
    }
}
