package app.avrel.lesson;

import app.avrel.form.Comparison;
import app.avrel.form.Difference;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import app.avrel.posture.move.Move;
import app.avrel.words.CountWords;
import app.avrel.words.Wording;
import app.avrel.words.say.LessonWords;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What a posture has that those who know what came before do not know yet. */
final class Differences {

    private static final int MOST = 6;

    private final Teaching teaching;
    private final LessonWords words;

    Differences(Teaching teaching) {
        this.teaching = teaching;
        words = new LessonWords(teaching.language());
    }

    private record Near(Posture posture, Comparison comparison) {}

    /** {@return what differs from the posture before it in the form that is most like it; empty where none is before} */
    String sentence(Occurrence done) {
        Posture posture = done.posture();
        Optional<Near> nearest = teaching.done().track().occurrences().stream()
                .filter(before -> before.entry() < done.entry())
                .map(Occurrence::posture)
                .distinct()
                .map(before -> new Near(before, Comparison.of(sideOf(before, posture), posture.counts())))
                .min(Comparator.comparingInt(near -> near.comparison().cost()));
        return nearest.map(near -> sentence(done, near)).orElse("");
    }

    /** The counts of a posture on the same side as another. */
    private static List<Count> sideOf(Posture before, Posture like) {
        boolean other = before.side().isPresent()
                && like.side().isPresent()
                && before.side().get() != like.side().get();
        return other ? Mirror.of(before).counts() : before.counts();
    }

    private String sentence(Occurrence done, Near near) {
        SoFar names = new SoFar(teaching.language());
        String name = names.sided(done.posture());
        if (near.comparison().alike()) {
            return words.say("alike", Map.of("name", name));
        }
        Wording here = teaching.wording().withFront(done.front(Moment.Section.POSTURE));
        CountWords counts = new CountWords(teaching.language(), here);
        String what = near.comparison().differences().stream()
                .flatMap(difference -> said(difference).stream())
                .map(counts::words)
                .distinct()
                .limit(MOST)
                .collect(Collectors.joining(words.comma()));
        if (what.isEmpty()) {
            return words.say("alike", Map.of("name", name));
        }
        return words.say("like", Map.of("name", name, "other", names.sided(near.posture()), "differences", what));
    }

    private static Optional<Move> said(Difference difference) {
        return switch (difference) {
            case Difference.Added added -> Optional.of(added.move());
            case Difference.Changed changed -> Optional.of(changed.to());
            case Difference.Dropped _ -> Optional.empty();
        };
    }
}
