package app.avrel.desktop.lessons;

import app.avrel.desktop.words.Words;
import app.avrel.lesson.Showing;
import app.avrel.posture.count.CueLevel;
import app.avrel.words.say.LessonWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/** How much is said of a segment: the first time, and after that. */
enum Said {
    EXPLAINED_THEN_GUIDED(CueLevel.EXPLAIN, CueLevel.GUIDE),
    EXPLAINED_THEN_CALLED(CueLevel.EXPLAIN, CueLevel.PROMPT),
    GUIDED(CueLevel.GUIDE, CueLevel.GUIDE),
    GUIDED_THEN_CALLED(CueLevel.GUIDE, CueLevel.PROMPT),
    CALLED(CueLevel.PROMPT, CueLevel.PROMPT),
    BY_NUMBER(CueLevel.COUNT, CueLevel.COUNT);

    private final CueLevel first;
    private final CueLevel later;

    Said(CueLevel first, CueLevel later) {
        this.first = first;
        this.later = later;
    }

    static int of(Showing showing) {
        return IntStream.range(0, values().length)
                .filter(i -> values()[i].first == showing.first() && values()[i].later == showing.later())
                .findFirst()
                .orElse(-1);
    }

    /** {@return each in words, in order} */
    static List<String> words() {
        LessonWords words = new LessonWords(Words.language());
        List<String> all = new ArrayList<>();
        for (Said one : values()) {
            String begins = words.say(key(one.first));
            String goesOn = words.say(key(one.later));
            all.add(begins.equals(goesOn) ? begins : Words.of("lessons.then", begins, goesOn));
        }
        return all;
    }

    private static String key(CueLevel level) {
        return "level." + level.name().toLowerCase(Locale.ROOT);
    }

    /** {@return the same shown with so many words} */
    Showing in(Showing showing) {
        return showing.withFirst(first).withLater(later);
    }
}
