package app.avrel.files.voice;

import app.avrel.cue.Pronunciation;
import app.avrel.label.Language;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The voices there are on this machine. */
public final class Voices {

    private Voices() {}

    /** {@return every voice that speaks a language, the best first} */
    public static List<Voice> of(Language language) {
        return Stream.concat(EspeakVoice.find().stream(), Stream.of(new BuiltInVoice()))
                .filter(voice -> voice.speaks(language))
                .toList();
    }

    /** {@return the voice of that name, or the first that speaks the language where none is named} */
    public static Optional<Voice> find(Language language, Optional<String> name) {
        return of(language).stream()
                .filter(voice -> name.isEmpty() || voice.name().equalsIgnoreCase(name.get()))
                .findFirst();
    }

    /** {@return a voice that knows how the field's terms and the school's own sound} */
    public static SchooledVoice schooled(Voice voice, Language language, List<Pronunciation> own) {
        return new SchooledVoice(voice, language, Pronouncing.of(language, own));
    }
}
