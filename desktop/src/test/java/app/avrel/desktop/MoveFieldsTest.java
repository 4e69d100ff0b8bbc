package app.avrel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.desktop.postures.MoveField;
import app.avrel.desktop.postures.MoveFields;
import app.avrel.desktop.postures.MoveKind;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.house.HouseRules;
import app.avrel.label.Labels;
import app.avrel.label.Language;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.samples.Samples;
import app.avrel.words.Wording;
import app.avrel.words.reading.FieldText;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class MoveFieldsTest {

    private static final Wording SAYING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);

    private static final MoveFields FIELDS = new MoveFields(new FieldText(Language.ENGLISH, SAYING));

    @RepeatedTest(200)
    void enteringWhatAFieldShowsChangesNothing(RepetitionInfo repetition) {
        Move move = new Samples(repetition.getCurrentRepetition()).move();
        for (MoveField field : FIELDS.of(move)) {
            switch (field) {
                case MoveField.OneOf one ->
                    assertThat(one.change().apply(one.chosen())).as(one.label()).isEqualTo(move);
                case MoveField.Line line ->
                    assertThat(line.change().apply(line.text()))
                            .as("%s: %s", line.label(), line.text())
                            .contains(move);
            }
        }
    }

    /** The examples in empty fields are what one may type there, in the language of the window. */
    @ParameterizedTest
    @EnumSource(Language.class)
    void everyExampleIsReadInItsLanguage(Language language) {
        Labels.speak(language);
        MoveFields fields = new MoveFields(new FieldText(language, SAYING));
        IntStream.range(0, 200)
                .mapToObj(seed -> fields.of(new Samples(seed).move()))
                .flatMap(List::stream)
                .filter(MoveField.Line.class::isInstance)
                .map(MoveField.Line.class::cast)
                .forEach(line -> Stream.of(line.example().split(" · "))
                        .filter(example -> !example.matches("(?:-1|0).* ?(?:is|es|\u4e3a) ?.*"))
                        .forEach(example -> assertThat(line.change().apply(example))
                                .as("%s: %s", line.label(), example)
                                .isPresent()));
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void enteringWhatAFieldShowsChangesNothingInAnyLanguage(Language language) {
        Labels.speak(language);
        MoveFields fields = new MoveFields(new FieldText(language, SAYING));
        for (int seed = 0; seed < 100; seed++) {
            Move move = new Samples(seed).move();
            for (MoveField field : fields.of(move)) {
                if (field instanceof MoveField.Line line) {
                    assertThat(line.change().apply(line.text()))
                            .as("%s: %s", line.label(), line.text())
                            .contains(move);
                }
            }
        }
    }

    @AfterEach
    void speakEnglishAgain() {
        Labels.speak(Language.ENGLISH);
    }

    /** What a field means depends on no other, but where the first words of a place open other fields. */
    @RepeatedTest(300)
    void changingOneFieldLeavesAllOthersAsTheyAre(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Move move = samples.move();
        for (MoveField field : FIELDS.of(move)) {
            if (field instanceof MoveField.OneOf one && !OPENING.contains(one.label())) {
                int other = samples.number(0, one.words().size() - 1);
                assertOthersStay(move, one.change().apply(other), one.label());
            }
            if (field instanceof MoveField.Line line) {
                line.change().apply("").ifPresent(changed -> assertOthersStay(move, changed, line.label()));
            }
        }
    }

    private static final List<String> OPENING = List.of("Goes", "Where", "Hands");

    private static void assertOthersStay(Move move, Move changed, String label) {
        List<MoveField> before = FIELDS.of(move);
        List<MoveField> after = FIELDS.of(changed);
        assertThat(after).as("%s of %s", label, move).hasSameSizeAs(before);
        for (int at = 0; at < before.size(); at++) {
            if (!before.get(at).label().equals(label)) {
                assertThat(shown(after.get(at)))
                        .as("%s after %s of %s", before.get(at).label(), label, move)
                        .isEqualTo(shown(before.get(at)));
            }
        }
    }

    private static String shown(MoveField field) {
        return switch (field) {
            case MoveField.OneOf one -> one.label() + ": " + one.words().get(one.chosen());
            case MoveField.Line line -> line.label() + ": " + line.text();
        };
    }

    @ParameterizedTest
    @EnumSource(MoveKind.class)
    void everyKindOfMoveHasFieldsWithLabelsOfTheirOwn(MoveKind kind) {
        List<MoveField> fields = FIELDS.of(kind.fresh(Side.RIGHT));
        assertThat(fields).isNotEmpty();
        assertThat(fields).extracting(MoveField::label).doesNotHaveDuplicates().allMatch(label -> !label.isBlank());
    }

    @Test
    void aNewStepIsOfTheFreeFootAndSaysAsLittleAsCanBe() {
        assertThat(MoveKind.STEP.fresh(Side.RIGHT))
                .isEqualTo(new Move.Step(
                        Side.RIGHT,
                        new StepPlace.Along(Direction.FORWARD, Optional.empty(), Optional.empty()),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
    }

    @Test
    void aStepIsEnteredFieldByField() {
        Move move = MoveKind.STEP.fresh(Side.RIGHT);
        move = choose(move, "Foot", "left");
        move = type(move, "Direction", "10:30");
        move = type(move, "Distance", "2 feet");
        move = choose(move, "Lands", "heel first");
        assertThat(move)
                .isEqualTo(new Move.Step(
                        Side.LEFT,
                        new StepPlace.Along(
                                new Direction.OfPosture(new Bearing(315)),
                                Optional.of(Length.footLengths(2)),
                                Optional.empty()),
                        Optional.of(Contact.HEEL),
                        Optional.empty(),
                        Optional.empty()));
        assertThat(type(move, "Distance", "")).isNotEqualTo(move);
    }

    @Test
    void whatIsNotUnderstoodNeverReachesTheMove() {
        MoveField.Line distance = (MoveField.Line) field(MoveKind.STEP.fresh(Side.LEFT), "Distance");
        assertThat(distance.change().apply("a purple bit")).isEmpty();
        MoveField.Line shift = (MoveField.Line) field(MoveKind.SHIFT.fresh(Side.LEFT), "To");
        assertThat(shift.change().apply("140 left")).isEmpty();
    }

    private static MoveField field(Move move, String label) {
        return FIELDS.of(move).stream()
                .filter(field -> field.label().equals(label))
                .findFirst()
                .orElseThrow();
    }

    private static Move type(Move move, String label, String text) {
        return ((MoveField.Line) field(move, label)).change().apply(text).orElseThrow();
    }

    private static Move choose(Move move, String label, String word) {
        MoveField.OneOf one = (MoveField.OneOf) field(move, label);
        return one.change().apply(one.words().indexOf(word));
    }
}
