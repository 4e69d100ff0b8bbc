package app.avrel.lesson;

import app.avrel.form.Occurrence;
import app.avrel.label.Language;
import app.avrel.words.say.Layer;
import app.avrel.words.say.LessonWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What a segment is called, and how it is done in a line. */
final class SegmentTitles {

    private final LessonWords words;
    private final SoFar names;

    SegmentTitles(Language language) {
        words = new LessonWords(language);
        names = new SoFar(language);
    }

    String title(Segment segment, List<Occurrence> stretch) {
        if (!segment.title().isBlank()) {
            return segment.title();
        }
        String kind = words.say(segment.kind().key());
        if (segment.stretch().isEmpty()) {
            return kind;
        }
        String head = segment.kind().teaches() && segment.showing().layer() != Layer.EVERYTHING
                ? capital(words.say("layer." + key(segment.showing().layer())))
                : kind;
        return words.say("titled", Map.of("kind", head, "what", what(segment, stretch)));
    }

    private String what(Segment segment, List<Occurrence> stretch) {
        if (stretch.isEmpty()) {
            return words.say("gone");
        }
        Stretch of = segment.stretch().orElseThrow();
        boolean lead = of.fromLastCount() && stretch.size() > 1;
        String span = names.span(lead ? stretch.subList(1, stretch.size()) : stretch);
        return of.counts().map(counts -> span + words.comma() + counts(counts)).orElse(span);
    }

    private String counts(Stretch.Counts counts) {
        Map<String, String> gaps = Map.of("first", "" + (counts.first() + 1), "last", "" + (counts.last() + 1));
        return words.say(counts.first() == counts.last() ? "count" : "counts", gaps);
    }

    /** {@return how often, what of it, how much is said, from where it is seen; nothing for what only takes time} */
    String how(Segment segment) {
        List<String> said = new ArrayList<>();
        Showing showing = segment.showing();
        boolean moved = showing.doing() != Doing.UNMOVED;
        if (segment.repetitions() > 1 || segment.stretch().isPresent() && moved) {
            said.add(words.times(segment.repetitions()));
        }
        if (segment.stretch().isPresent() && moved) {
            if (showing.layer() != Layer.EVERYTHING) {
                said.add(words.say("layer." + key(showing.layer())));
            }
            said.add(showing.doing() == Doing.SILENT ? words.say("doing.silent") : levels(segment));
            said.add(words.say("from." + key(showing.from())));
        }
        if (!moved && segment.stretch().isPresent()) {
            said.add(words.say("doing.unmoved"));
        }
        if (showing.version() != Version.FULL) {
            said.add(words.say("version." + key(showing.version())));
        }
        return String.join(words.comma(), said);
    }

    private String levels(Segment segment) {
        String first = words.say("level." + key(segment.showing().first()));
        String later = words.say("level." + key(segment.showing().later()));
        return first.equals(later) || segment.repetitions() == 1
                ? first
                : words.say("then", Map.of("first", first, "later", later));
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    private static String key(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
