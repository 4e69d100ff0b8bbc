package app.avrel.desktop.keeping;

import app.avrel.desktop.words.Words;
import app.avrel.project.merging.Merged.Changed;
import java.util.List;

/** The parts of a project, in words. */
final class PartWords {

    private static final int MOST = 8;

    private PartWords() {}

    /** {@return parts in a row, the first few by name} */
    static String of(List<Changed> parts) {
        String named = Words.row(parts.stream().limit(MOST).map(PartWords::of).toList());
        return parts.size() <= MOST ? named : Words.of("keeping.and_more", named, parts.size() - MOST);
    }

    private static String of(Changed part) {
        return switch (part.part()) {
            case NAME -> Words.of("keeping.name_of_project");
            case SETTING -> Words.of("keeping.settings");
            case POSTURE -> Words.of("keeping.posture", part.name());
            case WAY_IN -> Words.of("keeping.way_in", part.name());
            case FORM -> Words.of("keeping.form", part.name());
            case LESSON -> Words.of("keeping.lesson", part.name());
            case COURSE -> Words.of("keeping.course", part.name());
            case RECIPE -> Words.of("keeping.recipe", part.name());
            case QUIZ -> Words.of("keeping.quiz", part.name());
            case LEARNER -> Words.of("keeping.learner", part.name());
            case HALL -> Words.of("keeping.hall", part.name());
            case ACCEPTED -> Words.of("keeping.accepted", part.name());
        };
    }
}
