package app.avrel.lesson.log;

import app.avrel.form.EntryId;
import app.avrel.form.Form;
import app.avrel.form.Track;
import app.avrel.lesson.Lesson;
import app.avrel.lesson.Segment;
import app.avrel.lesson.course.Syllabus;
import app.avrel.posture.PostureId;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * When postures were last done, and which of them it is time to do again.
 *
 * <p>After it was taught a posture is due again in the next lesson; every time it is done without a mistake the distance
 * doubles: one lesson, two, four, eight. A mistake that is seen brings it back to one.
 */
public final class Review {

    /**
     * What is known of a posture.
     *
     * @param taught when it was taught as new
     * @param last when it was last done
     * @param since lessons since then, at least 1
     * @param distance lessons after which it is due again
     * @param wrong how often a mistake was seen, in all
     */
    public record Known(PostureId posture, LocalDate taught, LocalDate last, int since, int distance, int wrong) {

        public boolean due() {
            return since >= distance;
        }

        /** {@return lessons by which it is over its time; negative where there is time yet} */
        public int overdue() {
            return since - distance;
        }
    }

    private final Form form;
    private final Map<PostureId, Known> known = new LinkedHashMap<>();

    /** @param lessons taught over this form, in order; others are passed over */
    public Review(Form form, List<Lesson> lessons) {
        this.form = form;
        lessons.stream()
                .filter(Lesson::taught)
                .filter(lesson -> lesson.form().equals(form.id()))
                .forEach(this::add);
    }

    private void add(Lesson lesson) {
        LessonLog log = lesson.log().orElseThrow();
        known.replaceAll((_, one) ->
                new Known(one.posture(), one.taught(), one.last(), one.since() + 1, one.distance(), one.wrong()));
        for (PostureId posture : done(lesson, log)) {
            int wrong = log.seen().stream()
                    .filter(seen -> seen.posture().equals(posture))
                    .mapToInt(Seen::times)
                    .sum();
            Known before = known.get(posture);
            int distance = before == null || wrong > 0 ? 1 : Math.min(64, before.distance() * 2);
            known.put(
                    posture,
                    new Known(
                            posture,
                            before == null ? log.date() : before.taught(),
                            log.date(),
                            1,
                            distance,
                            (before == null ? 0 : before.wrong()) + wrong));
        }
    }

    /** What was moved in a lesson; all of its segments where none was ticked. */
    private Set<PostureId> done(Lesson lesson, LessonLog log) {
        Set<PostureId> postures = new HashSet<>();
        for (int i = 0; i < lesson.segments().size(); i++) {
            Segment segment = lesson.segments().get(i);
            if (log.ticks().isEmpty() || log.done(i)) {
                postures.addAll(postures(segment));
            }
        }
        lesson.brings().stream()
                .filter(entry -> !log.left().contains(entry))
                .forEach(entry -> posture(entry).ifPresent(postures::add));
        return postures;
    }

    private Set<PostureId> postures(Segment segment) {
        Set<PostureId> postures = new HashSet<>();
        boolean moved = segment.kind().teaches() || segment.kind().rehearses();
        segment.stretch().filter(_ -> moved).ifPresent(stretch -> {
            OptionalInt from = form.indexOf(stretch.first());
            OptionalInt to = form.indexOf(stretch.last());
            if (from.isPresent() && to.isPresent()) {
                form.entries()
                        .subList(from.getAsInt(), Math.max(from.getAsInt(), to.getAsInt() + 1))
                        .forEach(entry -> postures.add(entry.posture()));
            }
        });
        return postures;
    }

    private Optional<PostureId> posture(EntryId entry) {
        return form.entries().stream()
                .filter(one -> one.id().equals(entry))
                .map(one -> one.posture())
                .findFirst();
    }

    /** {@return what is known of every posture that was done, as they stand in the form} */
    public List<Known> all() {
        return form.entries().stream()
                .map(entry -> known.get(entry.posture()))
                .filter(one -> one != null)
                .distinct()
                .toList();
    }

    /** {@return what is due, the longest overdue first, where both are the more often wrong} */
    public List<Known> due() {
        return all().stream()
                .filter(Known::due)
                .sorted(Comparator.comparingInt((Known one) -> -one.overdue()).thenComparingInt(one -> -one.wrong()))
                .toList();
    }

    /**
     * {@return what is due and finds room in so many seconds, each done so often}
     *
     * @param secondsPerBeat of a plain run
     */
    public List<PostureId> proposed(Track track, double secondsPerBeat, int times, double seconds) {
        List<PostureId> chosen = new ArrayList<>();
        double left = seconds;
        for (Known one : due()) {
            double takes = times
                    * Syllabus.plain(
                            track.occurrences().stream()
                                    .filter(done -> done.posture().id().equals(one.posture()))
                                    .limit(1)
                                    .toList(),
                            secondsPerBeat);
            if (takes <= left) {
                chosen.add(one.posture());
                left -= takes;
            }
        }
        return chosen;
    }
}
