package app.avrel.desktop.settings;

import app.avrel.cue.Pronunciation;
import app.avrel.desktop.parts.FieldGrid;
import app.avrel.desktop.parts.LinesField;
import app.avrel.desktop.parts.Texts;
import app.avrel.desktop.words.Words;
import app.avrel.label.Language;
import app.avrel.project.Setting;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.BiPredicate;
import java.util.function.UnaryOperator;

/** How the school's terms sound, a language each: the term and, after an equals sign, how a voice is to read it. */
final class SoundRows {

    private static final Map<Language, String> EXAMPLES =
            Map.of(Language.ENGLISH, "peng = pung", Language.SPANISH, "peng = pong", Language.CHINESE, "重心 = 众心");

    private final Map<Language, LinesField> fields = new EnumMap<>(Language.class);
    private final BiPredicate<String, UnaryOperator<Setting>> change;

    SoundRows(FieldGrid grid, BiPredicate<String, UnaryOperator<Setting>> change) {
        this.change = change;
        grid.section(Words.of("settings.how_terms_sound"));
        grid.wide(Texts.wrapped(Words.of("settings.sounds_about"), "quiet"));
        for (Language language : Language.values()) {
            LinesField field = new LinesField(
                    Words.of("settings.sounds_in", named(language)),
                    example(language),
                    Words.of("settings.sound_line"));
            fields.put(language, field);
            grid.node(named(language), field);
        }
    }

    /** An example in Chinese only where the window has the letters for it. */
    private static String example(Language language) {
        return language == Language.CHINESE && Words.language() != language
                ? ""
                : Objects.requireNonNull(EXAMPLES.get(language));
    }

    private static String named(Language language) {
        return switch (language) {
            case ENGLISH -> Words.of("common.english");
            case SPANISH -> Words.of("cues.spanish");
            case CHINESE -> Words.of("cues.chinese");
        };
    }

    void show(Setting setting) {
        fields.forEach((language, field) -> field.show(
                setting.sounds().stream()
                        .filter(sound -> sound.language() == language)
                        .map(sound -> sound.written() + " = " + sound.spoken())
                        .toList(),
                lines -> take(language, lines)));
    }

    private boolean take(Language language, List<String> lines) {
        if (!lines.stream().allMatch(line -> line.matches("[^=]*[^=\\s][^=]*=[^=]*[^=\\s][^=]*"))) {
            return false;
        }
        List<Pronunciation> anew = lines.stream()
                .map(line -> line.split("=", 2))
                .map(sides -> new Pronunciation(language, sides[0], sides[1]))
                .toList();
        return change.test("sounds" + language, whole -> whole.withSounds(language, anew));
    }
}
