package app.avrel.lesson;

import app.avrel.body.Side;
import app.avrel.form.Occurrence;
import app.avrel.label.Language;
import app.avrel.posture.Posture;
import app.avrel.words.say.LessonWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A stretch as a list to say: repeats and sides of a posture in a row are folded into one. */
public final class SoFar {

    private final Language language;
    private final LessonWords words;

    public SoFar(Language language) {
        this.language = language;
        words = new LessonWords(language);
    }

    /** {@return in English, for each posture in a row its name and, where it has sides or repeats, what they are} */
    public static List<String> folded(List<Occurrence> stretch) {
        return new SoFar(Language.ENGLISH).list(stretch);
    }

    /** {@return whether two that follow each other are said as one} */
    public static boolean together(Occurrence one, Occurrence next) {
        return one.posture().id().equals(next.posture().id());
    }

    /** {@return for each posture in a row its name and, where it has sides or repeats, what they are} */
    public List<String> list(List<Occurrence> stretch) {
        List<String> said = new ArrayList<>();
        List<Occurrence> row = new ArrayList<>();
        for (Occurrence done : stretch) {
            if (!row.isEmpty() && !together(row.getFirst(), done)) {
                said.add(fold(row));
                row.clear();
            }
            row.add(done);
        }
        if (!row.isEmpty()) {
            said.add(fold(row));
        }
        return said;
    }

    /** {@return the first and the last of a stretch, such as {@code Open to Sweep, right}} */
    public String span(List<Occurrence> stretch) {
        List<String> names = list(stretch);
        return names.size() <= 1 ? String.join("", names) : words.span(names.getFirst(), names.getLast());
    }

    /** {@return the posture's name in the language, where it has one} */
    public String name(Posture posture) {
        return posture.called(language);
    }

    /** {@return the posture's name and side} */
    public String sided(Posture posture) {
        return posture.side().map(side -> words.sided(name(posture), side)).orElse(name(posture));
    }

    private String fold(List<Occurrence> row) {
        Posture posture = row.getFirst().posture();
        if (posture.side().isEmpty()) {
            return name(posture) + (row.size() == 1 ? "" : words.comma() + words.times(row.size()));
        }
        Map<Side, Integer> bySide = new LinkedHashMap<>();
        row.forEach(done -> done.posture().side().ifPresent(side -> bySide.merge(side, 1, Integer::sum)));
        boolean alternating = bySide.values().stream().anyMatch(many -> many > 1) && bySide.size() > 1;
        String sides = alternating
                ? row.stream()
                        .flatMap(done -> done.posture().side().stream())
                        .map(words::side)
                        .collect(Collectors.joining(words.comma()))
                : bySide.entrySet().stream()
                        .map(entry -> words.side(entry.getKey())
                                + (entry.getValue() == 1 ? "" : " " + words.times(entry.getValue())))
                        .collect(Collectors.joining(words.and()));
        return name(posture) + words.comma() + sides;
    }
}
