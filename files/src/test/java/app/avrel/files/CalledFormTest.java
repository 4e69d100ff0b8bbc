package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.cue.Call;
import app.avrel.cue.Cue;
import app.avrel.cue.CueOrder;
import app.avrel.cue.CueScript;
import app.avrel.cue.NamePlace;
import app.avrel.cue.Reason;
import app.avrel.cue.Scripting;
import app.avrel.cue.Viewpoint;
import app.avrel.floor.Heading;
import app.avrel.form.Occurrence;
import app.avrel.form.Unroll;
import app.avrel.label.Language;
import app.avrel.posture.count.CueLevel;
import app.avrel.project.Project;
import app.avrel.words.Wording;
import app.avrel.words.say.Layer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The demo's form as it is called: short, in time, with silence, and shorter each time. */
class CalledFormTest {

    private static final Project DEMO = Demo.project();
    private static final Wording WORDING = new Wording(
            DEMO.setting().directions(), Heading.FRONT, DEMO.setting().rules());
    private static final List<Occurrence> TRACK = Unroll.form(
                    DEMO.forms().getFirst(), DEMO.shelf(), DEMO.setting().posing())
            .occurrences();

    private static CueScript script(CueOrder order) {
        return Scripting.of(TRACK, order, WORDING);
    }

    private static CueScript called(Language language) {
        return script(CueOrder.USUAL.withLanguage(language).withLevel(CueLevel.PROMPT));
    }

    private static List<Integer> lengths(Language language) {
        return called(language)
                .calls()
                .filter(call -> call.kind() == Call.Kind.MOVE)
                .map(call -> language == Language.CHINESE
                        ? (int) call.words()
                                .codePoints()
                                .filter(letter -> letter > 0x4e00)
                                .count()
                        : call.words().split(" ").length)
                .sorted()
                .toList();
    }

    @ParameterizedTest
    @EnumSource(
            value = Language.class,
            names = {"ENGLISH", "CHINESE"})
    void aCallHasTwoOrThreeWords(Language language) {
        List<Integer> words = lengths(language);
        int median = language == Language.CHINESE ? 4 : 3;
        assertThat(words.get(words.size() / 2)).isLessThanOrEqualTo(median);
        assertThat(words.get(words.size() * 4 / 5)).isLessThanOrEqualTo(language == Language.CHINESE ? 6 : 4);
        assertThat(words.getLast()).isLessThanOrEqualTo(language == Language.CHINESE ? 10 : 8);
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void aThirdOfTheTimeIsSilentAndNothingIsSaidOverAnother(Language language) {
        CueScript script = called(language);
        assertThat(script.silence()).isGreaterThanOrEqualTo(0.35);
        double free = Double.NEGATIVE_INFINITY;
        for (Call call : script.calls().toList()) {
            assertThat(call.at()).as(call.words()).isGreaterThanOrEqualTo(free);
            free = call.end();
        }
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void theShortSentencesFitFourCountsInFive(Language language) {
        CueScript script = script(CueOrder.USUAL.withLanguage(language).withLevel(CueLevel.GUIDE));
        long fit = script.cues().stream()
                .filter(cue -> cue.calls().stream()
                                .filter(call -> call.kind() == Call.Kind.MOVE)
                                .mapToDouble(Call::seconds)
                                .sum()
                        <= cue.length())
                .count();
        assertThat(fit).isGreaterThanOrEqualTo(script.cues().size() * 8L / 10);
    }

    @Test
    void theSecondTimeIsShorterThanTheFirstAndTheThirdIsNoLonger() {
        CueScript script = script(CueOrder.USUAL);
        Map<Object, Integer> times = new HashMap<>();
        Map<String, double[]> words = new HashMap<>();
        int last = -1;
        int time = 0;
        for (Cue cue : script.cues()) {
            Occurrence done = TRACK.get(cue.occurrence());
            if (cue.occurrence() != last) {
                time = times.merge(List.of(done.posture().id(), done.posture().side()), 1, Integer::sum);
                last = cue.occurrence();
            }
            if (time <= 2) {
                words.computeIfAbsent(done.posture().id() + " " + done.posture().side(), _ -> new double[3])[time] +=
                        cue.speaking();
            }
        }
        assertThat(words.values().stream().filter(each -> each[2] > 0))
                .isNotEmpty()
                .allMatch(each -> each[2] < each[1]);
    }

    @Test
    void theReasonForTheLengthIsTold() {
        List<Cue> cues = script(CueOrder.USUAL).cues();
        assertThat(cues).extracting(Cue::why).contains(Reason.FIRST_TIME, Reason.OTHER_SIDE, Reason.NEW_WAY);
        assertThat(script(CueOrder.USUAL.withLevel(CueLevel.COUNT)).cues())
                .extracting(Cue::why)
                .containsOnly(Reason.CHOSEN);
    }

    @Test
    void aNewSideIsAnnouncedAndTellsFeetAndBodyOnly() {
        CueScript script = script(CueOrder.USUAL);
        List<Cue> other = script.cues().stream()
                .filter(cue -> cue.why() == Reason.OTHER_SIDE)
                .toList();
        assertThat(other.stream().flatMap(cue -> cue.calls().stream()).map(Call::words))
                .contains("other side");
        assertThat(other.stream()
                        .flatMap(cue -> cue.calls().stream())
                        .filter(call -> call.kind() == Call.Kind.MOVE)
                        .map(Call::words))
                .noneMatch(words -> words.contains("hand") || words.contains("palm"));
    }

    @Test
    void forThoseWhoFaceOneTheSidesAreTheOtherWayRound() {
        CueOrder own = CueOrder.USUAL.withLevel(CueLevel.PROMPT);
        List<String> said = script(own).calls().map(Call::words).toList();
        List<String> mirrored =
                script(own.withView(Viewpoint.MIRROR)).calls().map(Call::words).toList();
        assertThat(said).contains("all left", "right foot forward");
        assertThat(mirrored.get(said.indexOf("all left"))).isEqualTo("all right");
        assertThat(mirrored.get(said.indexOf("right foot forward"))).isEqualTo("left foot forward");
        assertThat(mirrored.get(said.indexOf("breathe in"))).isEqualTo("breathe in");
    }

    @Test
    void aNameStandsBeforeThePostureOrOnceItsShapeIsThere() {
        CueOrder order = CueOrder.USUAL.withLevel(CueLevel.PROMPT);
        assertThat(named(order)).isZero();
        assertThat(named(order.withNames(NamePlace.LAST)))
                .isEqualTo(TRACK.getFirst().posture().counts().size() - 1);
        assertThat(named(order.withNames(NamePlace.NEVER))).isNegative();
    }

    /** The count of the first posture in which its name is called, from 0; below 0 where it is not. */
    private static int named(CueOrder order) {
        return script(order).cues().stream()
                .filter(cue -> cue.occurrence() == 0)
                .filter(cue -> cue.calls().stream().anyMatch(call -> call.kind() == Call.Kind.NAME))
                .map(cue -> cue.place().count())
                .findFirst()
                .orElse(-1);
    }

    @Test
    void theBreathCanBeCalledAlone() {
        CueScript script = script(CueOrder.USUAL
                .withLayer(Layer.BREATH)
                .withNames(NamePlace.NEVER)
                .withOrdinals(false));
        assertThat(script.calls()).isNotEmpty().allMatch(call -> call.kind() == Call.Kind.BREATH);
    }

    @Test
    void theShiftBeforeAStepIsNeverLeftOut() {
        CueScript script = script(CueOrder.USUAL.withLevel(CueLevel.PROMPT).withCalls(1));
        List<String> gate = script.cues().stream()
                .filter(cue -> TRACK.get(cue.occurrence()).posture().name().equals("Turn the Millwheel"))
                .flatMap(cue -> cue.calls().stream())
                .filter(call -> call.kind() == Call.Kind.MOVE)
                .map(Call::words)
                .toList();
        for (int i = 0; i < gate.size(); i++) {
            if (gate.get(i).equals("right foot out")) {
                assertThat(gate.get(i - 1)).isEqualTo("all left");
            }
        }
        assertThat(gate).contains("all left", "right foot out");
    }

    @Test
    void tellingTheCountsSaysTheirNumbersBeforeTheAction() {
        CueScript script = script(
                CueOrder.USUAL.withLevel(CueLevel.PROMPT).withNumbers(true).withNames(NamePlace.NEVER));
        for (Cue cue : script.cues()) {
            List<Call.Kind> kinds = cue.calls().stream().map(Call::kind).toList();
            assertThat(kinds.indexOf(Call.Kind.NUMBER))
                    .isLessThanOrEqualTo(kinds.contains(Call.Kind.MOVE) ? kinds.indexOf(Call.Kind.MOVE) : kinds.size());
        }
    }
}
