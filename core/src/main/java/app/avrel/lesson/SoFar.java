package app.avrel.lesson;

import app.avrel.body.Side;
import app.avrel.form.Occurrence;
import app.avrel.posture.Posture;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A stretch as a list to say: repeats and sides of a posture in a row are folded into one. */
public final class SoFar {

    private SoFar() {}

    /** {@return for each posture in a row its name and, where it has sides or repeats, what they are} */
    public static List<String> folded(List<Occurrence> stretch) {
        List<String> said = new ArrayList<>();
        List<Occurrence> row = new ArrayList<>();
        for (Occurrence done : stretch) {
            if (!row.isEmpty()
                    && !row.getFirst().posture().id().equals(done.posture().id())) {
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

    private static String fold(List<Occurrence> row) {
        Posture posture = row.getFirst().posture();
        if (posture.side().isEmpty()) {
            return posture.name() + (row.size() == 1 ? "" : ", " + times(row.size()));
        }
        Map<Side, Integer> bySide = new LinkedHashMap<>();
        row.forEach(done -> done.posture().side().ifPresent(side -> bySide.merge(side, 1, Integer::sum)));
        boolean alternating = bySide.values().stream().anyMatch(many -> many > 1) && bySide.size() > 1;
        String sides = alternating
                ? row.stream()
                        .flatMap(done -> done.posture().side().stream())
                        .map(Side::word)
                        .collect(Collectors.joining(", "))
                : bySide.entrySet().stream()
                        .map(entry ->
                                entry.getKey().word() + (entry.getValue() == 1 ? "" : " " + times(entry.getValue())))
                        .collect(Collectors.joining(" and "));
        return posture.name() + ", " + sides;
    }

    private static String times(int many) {
        return switch (many) {
            case 1 -> "once";
            case 2 -> "twice";
            case 3 -> "three times";
            default -> many + " times";
        };
    }
}
