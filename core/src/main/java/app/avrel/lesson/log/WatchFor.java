package app.avrel.lesson.log;

import app.avrel.lesson.Lesson;
import app.avrel.posture.PostureId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** What was seen to go wrong when postures were last taught, so that one looks for it. */
public final class WatchFor {

    private WatchFor() {}

    /**
     * {@return the mistakes of some postures that were seen the last time each of them was done, the most frequent first}
     *
     * @param before lessons that were taught before, in order
     */
    public static List<Seen> of(Set<PostureId> postures, List<Lesson> before) {
        List<Seen> found = new ArrayList<>();
        for (PostureId posture : postures) {
            before.reversed().stream()
                    .filter(Lesson::taught)
                    .map(lesson -> lesson.log().orElseThrow().seen().stream()
                            .filter(seen -> seen.posture().equals(posture))
                            .toList())
                    .filter(seen -> !seen.isEmpty())
                    .findFirst()
                    .ifPresent(found::addAll);
        }
        found.sort(Comparator.comparingInt(Seen::times)
                .reversed()
                .thenComparing(seen -> seen.posture().key())
                .thenComparing(Seen::what));
        return found;
    }

    /** {@return the questions of earlier lessons that wait for an answer} */
    public static List<Question> open(List<Lesson> before) {
        return before.stream()
                .flatMap(lesson -> lesson.log().stream())
                .flatMap(log -> log.questions().stream())
                .filter(Question::open)
                .toList();
    }

    /** {@return every question about a posture, answered or not, the newest first} */
    public static List<Question> about(PostureId posture, List<Lesson> lessons) {
        return lessons.reversed().stream()
                .flatMap(lesson -> lesson.log().stream())
                .flatMap(log -> log.questions().reversed().stream())
                .filter(question -> question.posture().filter(posture::equals).isPresent())
                .toList();
    }

    /** {@return every question with some words in it or in its answer, the newest first} */
    public static List<Question> searched(String words, List<Lesson> lessons) {
        String wanted = words.strip().toLowerCase(Locale.ROOT);
        return lessons.reversed().stream()
                .flatMap(lesson -> lesson.log().stream())
                .flatMap(log -> log.questions().reversed().stream())
                .filter(question -> (question.asked() + " " + question.answer())
                        .toLowerCase(Locale.ROOT)
                        .contains(wanted))
                .toList();
    }
}
