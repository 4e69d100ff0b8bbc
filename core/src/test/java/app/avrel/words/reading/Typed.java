package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.words.Wording;
import app.avrel.words.say.Saying;
import java.util.stream.Collectors;

/** What is typed in tests, and what it comes to in canonical words. */
final class Typed {

    static final Body BODY = Body.ofStature(1.7);
    static final Wording SAYING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);

    private Typed() {}

    /** {@return the word for a side, in Spanish without its ending: izquierd} */
    static String side(Language language, Side side) {
        boolean left = side == Side.LEFT;
        return switch (language) {
            case ENGLISH -> side.word();
            case SPANISH -> left ? "izquierd" : "derech";
            case CHINESE -> left ? "左" : "右";
        };
    }

    /** {@return shoulder-wide, even, facing 12, or how one stands after a line} */
    static Pose standing(String after) {
        Pose start = Starting.of(StartPose.SHOULDER_WIDE, BODY);
        return after.isEmpty() ? start : read(after, Language.ENGLISH, start).after();
    }

    static LineReading read(String line, Language language, Pose from) {
        return new Line(language, SAYING, BODY).read(line, from);
    }

    static LineReading english(String line) {
        return in(Language.ENGLISH, line);
    }

    static LineReading in(Language language, String line) {
        return read(line, language, standing(""));
    }

    /** Checks that a line is understood, and what it records in canonical words. */
    static void assertRecords(Language language, String typed, String canonical) {
        LineReading said = in(language, typed);
        assertThat(said.understood()).isTrue();
        assertThat(line(said)).isEqualTo(canonical);
    }

    /** Checks that nothing is recorded of a line, and that it is kept whole as a note. */
    static void assertNote(LineReading said, String typed) {
        assertThat(said.refusals()).isEmpty();
        assertThat(said(said)).isEmpty();
        assertThat(said.note()).hasValueSatisfying(note -> assertThat(note).startsWith("also said: "));
    }

    /** {@return the whole count in canonical words, with its beats and its manner} */
    static String line(LineReading reading) {
        return Saying.exact(Language.ENGLISH, SAYING).line(reading.count());
    }

    /** {@return the canonical words of what was read: moves parted by full stops, stages by semicolons} */
    static String said(LineReading reading) {
        Saying said = Saying.exact(Language.ENGLISH, SAYING);
        return reading.stages().stream()
                .map(stage -> stage.moves().stream().map(said::words).collect(Collectors.joining(". ")))
                .collect(Collectors.joining("; "));
    }
}
