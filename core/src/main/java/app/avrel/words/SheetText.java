package app.avrel.words;

import app.avrel.posture.Posture;
import app.avrel.posture.PostureName;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.posture.teaching.Mistake;
import app.avrel.posture.teaching.PostureSheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A posture's sheet as plain text, to copy into a letter or a hand-out. */
public final class SheetText {

    private static final String CARE =
            "A qualified instructor and your own doctor decide what is right for you. Stop if it hurts.";

    private final CountWords words;

    public SheetText(Wording saying) {
        this.words = new CountWords(saying);
    }

    /** {@return the text: names, what it is for, the counts, mistakes, cautions, gentler versions} */
    public String of(Posture posture) {
        PostureSheet sheet = posture.sheet();
        List<String> lines = new ArrayList<>(List.of(heading(posture)));
        also(sheet.otherNames()).ifPresent(lines::add);
        add(lines, "Picture: ", sheet.image());
        add(lines, "Purpose: ", sheet.purpose());
        add(lines, "Known before: ", String.join(", ", sheet.before()));
        add(lines, "Not the whole of it yet: ", sheet.replacedBy());
        lines.add("");
        for (int i = 0; i < posture.counts().size(); i++) {
            lines.add((i + 1) + "  " + said(posture.counts().get(i)));
        }
        section(
                lines,
                "Common mistakes",
                sheet.mistakes().stream().map(SheetText::mistake).toList());
        section(lines, "Cautions", sheet.cautions());
        section(lines, "Gentler", sheet.gentler().stream().map(this::gentler).toList());
        if (!sheet.cautions().isEmpty() || !sheet.gentler().isEmpty()) {
            lines.add("");
            lines.add(CARE);
        }
        return String.join("\n", lines) + "\n";
    }

    private static String heading(Posture posture) {
        String side = posture.side().map(some -> " (" + some.word() + ")").orElse("");
        String others = posture.names().stream().skip(1).map(SheetText::name).collect(Collectors.joining(" · "));
        return posture.name() + side + (others.isEmpty() ? "" : "\n" + others);
    }

    private static String name(PostureName name) {
        return name.written()
                + name.romanised().map(latin -> " " + latin).orElse("")
                + name.meaning().map(meaning -> " (" + meaning + ")").orElse("");
    }

    private static Optional<String> also(List<String> names) {
        return names.isEmpty() ? Optional.empty() : Optional.of("Also: " + String.join(", ", names));
    }

    private static void add(List<String> lines, String label, String text) {
        if (!text.isBlank()) {
            lines.add(label + text);
        }
    }

    private static void section(List<String> lines, String title, List<String> items) {
        if (!items.isEmpty()) {
            lines.add("");
            lines.add(title);
            items.forEach(item -> lines.add("- " + item));
        }
    }

    private String said(Count count) {
        return words.say(count, CueLevel.GUIDE);
    }

    private static String mistake(Mistake mistake) {
        return mistake.count().map(at -> "count " + (at + 1) + ": ").orElse("")
                + mistake.looksLike()
                + (mistake.why().isBlank() ? "" : " (" + mistake.why() + ")")
                + (mistake.putRight().isBlank() ? "" : ". Put right: " + mistake.putRight());
    }

    private String gentler(GentlerVersion gentler) {
        String counts = gentler.to() - gentler.from() <= 1
                ? "count " + (gentler.from() + 1)
                : "counts " + (gentler.from() + 1) + " to " + gentler.to();
        return gentler.name() + ", in place of " + counts + ": "
                + gentler.counts().stream().map(this::said).collect(Collectors.joining(" "));
    }
}
