package app.avrel.words.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.label.Language;
import app.avrel.posture.Mirror;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.SideWords;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Lexicon;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds for every line, whatever its words. */
class LawsOfReadingTest {

    private static final List<String> CLAUSES = List.of(
            "left foot steps forward two foot-lengths",
            "shift 70 right",
            "waist left 30",
            "right hand to the chest, palm down",
            "left hand at the hip",
            "sink a fist",
            "look to 3",
            "turn the right foot on its heel, toes out 45",
            "raise the left heel",
            "lean forward 10 degrees");

    private static final List<String> SMALL = List.of("now", "please", "just", "your", "gently");

    private static List<Move> moves(String line) {
        LineReading reading = Typed.english(line);
        assertThat(reading.refusals()).as(line).isEmpty();
        return reading.moves();
    }

    private static List<String> some(Random random, int count) {
        List<String> clauses = new ArrayList<>(CLAUSES);
        Collections.shuffle(clauses, random);
        return clauses.subList(0, count);
    }

    @RepeatedTest(60)
    void clausesOfOneStageMayStandInAnyOrder(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        List<String> clauses = some(random, 3);
        List<String> turned = new ArrayList<>(clauses);
        Collections.shuffle(turned, random);
        assertThat(moves(String.join(" while ", turned)))
                .containsExactlyInAnyOrderElementsOf(moves(String.join(" while ", clauses)));
    }

    @RepeatedTest(60)
    void smallWordsChangeNothing(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        String line = String.join(", ", some(random, 2));
        String noisy = Stream.of(line.split(" "))
                .map(word -> random.nextInt(3) == 0 && word.matches("[a-z]{4,}")
                        ? SMALL.get(random.nextInt(SMALL.size())) + " " + word
                        : word)
                .collect(Collectors.joining(" "));
        assertThat(moves(SMALL.get(random.nextInt(SMALL.size())) + " " + line))
                .as(noisy)
                .isEqualTo(moves(line));
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(
            strings = {
                "left foot steps to the side a foot and a half, then shift 65 left",
                "the right palm pushes forward at chest height while the left hand presses by the left hip",
                "turn the left toes in 20 and the waist right 30",
                "hold a ball at the belly, right hand above",
                "cross the wrists at the chest, left inside",
                "seventy thirty on the right, left heel up",
                "lift the right knee to the hip, look over the left shoulder",
                "all the weight on the left, then kick forward with the right heel at knee height",
                "left hand stays where it is, right hand to the left shoulder"
            })
    void exchangingTheSidesGivesTheMirror(String line) {
        Count count = Typed.english(line).count();
        String other = SideWords.swapped(line, Language.ENGLISH);
        assertThat(moves(other)).isEqualTo(Mirror.of(count).moves().toList());
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(
            strings = {
                "left foot steps forward two foot-lengths heel first",
                "shift 70 right",
                "right hand at the chest palm down fingers forward",
                "turn the left foot on its ball toes out 45",
                "waist left 30",
                "hold a ball at the chest right hand above",
                "look past the left hand",
                "lift the right knee to the hip toes hanging"
            })
    void everyWordCounts(String line) {
        List<String> words = List.of(line.split(" "));
        String whole = Typed.said(Typed.english(line));
        for (int i = 0; i < words.size(); i++) {
            List<String> fewer = new ArrayList<>(words);
            String gone = fewer.remove(i);
            boolean small = List.of(
                            "the", "a", "at", "foot", "hold", "to", "on", "its", "steps", "shift", "turn", "lift",
                            "look", "hand", "knee", "first", "toes")
                    .contains(gone);
            LineReading without = Typed.english(String.join(" ", fewer));
            boolean same = without.understood() && Typed.said(without).equals(whole);
            assertThat(same && !small).as("without “%s”: %s", gone, line).isFalse();
        }
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(
            strings = {
                "left foto forward",
                "lfet foot forward",
                "left foot forwrad",
                "shfit 60 left",
                "right hand to the sholuder",
                "raise the left hele",
                "wieght to the right",
                "turn the wiast left 20"
            })
    void aSlipInALongWordIsReadOrProposed(String line) {
        LineReading reading = Typed.english(line);
        boolean read = reading.understood();
        boolean proposed = reading.refusals().stream()
                .anyMatch(refusal -> refusal.message().contains("Did you mean"));
        assertThat(read || proposed).as(line).isTrue();
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void everyFormOfTheLexiconIsFoundAgain(Language language) {
        Lexicon lexicon = Lexicon.of(language);
        assertThat(lexicon.forms())
                .hasSizeGreaterThan(500)
                .allMatch(form -> lexicon.find(form.replace('-', ' ')).isPresent());
    }

    @Test
    void aHandNeverMovesAFootNorAFootAHand() {
        List<Move> hand = moves("left hand comes to the hip, palm up; the right palm sweeps out to the right");
        assertThat(hand).allMatch(Move.OfHands.class::isInstance);
        List<Move> foot = moves("left foot comes in beside the right; the right toes turn out 30");
        assertThat(foot).allMatch(Move.OfFoot.class::isInstance);
    }

    @Test
    void whatStaysNeverShifts() {
        LineReading reading = Typed.read(
                "the weight stays on the left while the waist turns right 20",
                Language.ENGLISH,
                Typed.standing("shift 80 left"));
        assertThat(reading.moves()).noneMatch(Move.Shift.class::isInstance).hasSize(1);
    }

    @Test
    void aLineOfAHundredThousandLettersIsAnsweredAtOnceWithWhatToDo() {
        String line = "left foot forward, ".repeat(5500);
        LineReading reading = Typed.english(line);
        assertThat(reading.refusals())
                .singleElement()
                .satisfies(refusal -> assertThat(refusal.message()).contains("too long for one count"));
    }

    @Test
    void whatCannotBeHeldMayStayAsANoteUnlessItSaysASideOrANumber() {
        LineReading image = Typed.english("left foot forward, shimmering");
        assertThat(image.understood()).isFalse();
        assertThat(image.keepable()).isTrue();
        assertThat(image.count().note()).contains("shimmering").contains("left foot forward, shimmering");
        assertThat(Typed.english("left foot forward, forty").keepable()).isFalse();
        assertThat(Typed.english("left foot forward, not").keepable()).isFalse();
    }

    @Test
    void wordsBesideOneThatNobodyKnowsAreNotDrawnIntoTheNextPart() {
        LineReading tide = Typed.english("let the tide go out, turn right 30");
        assertThat(Typed.said(tide)).isEqualTo("waist 30° right");
        assertThat(tide.keepable()).isTrue();
        assertThat(tide.count().note()).contains("tide").contains("out");
    }

    @Test
    void anImageAndHowTheHandsAreStayAsANoteAndMoveNothing() {
        LineReading image = Typed.english("shift 60 right, wrists like a reed in the tide");
        assertThat(Typed.said(image)).isEqualTo("shift 60 right");
        assertThat(image.count().note()).contains("like a reed in the tide");
        LineReading soft = Typed.english("keep the wrists loose");
        assertThat(soft.stages()).isEmpty();
        assertThat(soft.understood()).isTrue();
        assertThat(soft.count().note()).contains("loose");
    }
}
