package app.avrel.cue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.form.Track;
import app.avrel.form.Unroll;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.Standing;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.SideWords;
import app.avrel.project.Project;
import app.avrel.samples.SampleProjects;
import app.avrel.words.Wording;
import app.avrel.words.say.Layer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** What holds of every script, of forms made up at random, in every language and at every level. */
class ScriptLawsTest {

    private static final Wording SAYING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);

    private static List<Occurrence> stretch(RepetitionInfo repetition) {
        Project project = SampleProjects.of(repetition.getCurrentRepetition(), 7);
        Track track = Unroll.form(
                project.forms().getFirst(),
                project.shelf(),
                project.posing(project.forms().getFirst()));
        return track.occurrences();
    }

    private static CueScript script(List<Occurrence> stretch, CueOrder order) {
        return Scripting.of(stretch, order, SAYING);
    }

    private static List<CueOrder> orders() {
        return List.of(
                CueOrder.USUAL,
                CueOrder.USUAL.withLevel(CueLevel.EXPLAIN),
                CueOrder.USUAL.withLevel(CueLevel.GUIDE).withLanguage(Language.SPANISH),
                CueOrder.USUAL.withLevel(CueLevel.PROMPT).withLanguage(Language.CHINESE),
                CueOrder.USUAL.withLevel(CueLevel.COUNT).withNumbers(true),
                CueOrder.USUAL.withLayer(Layer.HANDS).withBreath(false),
                CueOrder.USUAL.withLayer(Layer.BREATH));
    }

    @RepeatedTest(15)
    void itLastsAsLongAsItsCountsAtItsTempo(RepetitionInfo repetition) {
        List<Occurrence> stretch = stretch(repetition);
        double beats = stretch.stream()
                .flatMap(done -> Moment.byCount(done.moments()).stream())
                .mapToDouble(count -> Playing.measures(count.getFirst().count()))
                .sum();
        for (CueOrder order : orders()) {
            assertThat(script(stretch, order).seconds()).isCloseTo(beats * order.secondsPerBeat(), within(1e-6));
            assertThat(script(stretch, order.withSecondsPerBeat(8)).seconds()).isCloseTo(beats * 8, within(1e-6));
        }
    }

    /** Half of a tenth of a second nobody hears, and nobody need shorten a cue for it. */
    @RepeatedTest(15)
    void aCueIsTooLongByWhatCanBeHeardOrNotAtAll(RepetitionInfo repetition) {
        for (CueOrder order : orders()) {
            assertThat(script(stretch(repetition), order.withSecondsPerBeat(2)).cues())
                    .allSatisfy(cue -> {
                        double more = cue.speaking() - cue.length();
                        assertThat(cue.tooLongBy()).isEqualTo(more < 0.05 ? 0 : more);
                    });
        }
    }

    @RepeatedTest(15)
    void thereIsACueForEveryCountAndOneBeginsWhereTheOneBeforeEnds(RepetitionInfo repetition) {
        List<Occurrence> stretch = stretch(repetition);
        long counts = stretch.stream().mapToLong(Occurrence::counts).sum();
        for (CueOrder order : orders()) {
            List<Cue> cues = script(stretch, order).cues();
            assertThat(cues).hasSize((int) counts);
            double at = 0;
            for (Cue cue : cues) {
                assertThat(cue.start()).isCloseTo(at, within(1e-6));
                at += cue.length();
            }
        }
    }

    @RepeatedTest(15)
    void nobodySaysTwoThingsAtOnce(RepetitionInfo repetition) {
        for (CueOrder order : orders()) {
            double silentFrom = Double.NEGATIVE_INFINITY;
            for (Call call : script(stretch(repetition), order).calls().toList()) {
                assertThat(call.at()).as(call.words()).isGreaterThanOrEqualTo(silentFrom);
                assertThat(call.words()).isNotBlank();
                assertThat(call.seconds()).isPositive();
                silentFrom = call.end();
            }
        }
    }

    @RepeatedTest(15)
    void theSameOrderOfTheSameFormIsAlwaysTheSameScript(RepetitionInfo repetition) {
        for (CueOrder order : orders()) {
            assertThat(script(stretch(repetition), order)).isEqualTo(script(stretch(repetition), order));
        }
    }

    @RepeatedTest(15)
    void itNeverGrowsLongerWhereNothingIsNew(RepetitionInfo repetition) {
        List<Occurrence> stretch = stretch(repetition);
        Map<Object, CueLevel> before = new HashMap<>();
        CueScript script = script(stretch, CueOrder.USUAL);
        for (Occurrence done : stretch) {
            script.cues().stream()
                    .filter(cue -> cue.occurrence() == done.index())
                    .findFirst()
                    .ifPresent(cue -> {
                        Object same =
                                List.of(done.posture().id(), done.posture().side(), done.link());
                        CueLevel last = before.put(same, cue.level());
                        if (last != null) {
                            assertThat(cue.level()).isGreaterThanOrEqualTo(last);
                        }
                    });
        }
    }

    @RepeatedTest(15)
    void inAMirrorTheSideWordsAreExchangedAndNothingElse(RepetitionInfo repetition) {
        CueOrder own = CueOrder.USUAL
                .withLevel(CueLevel.GUIDE)
                .withOrdinals(false)
                .withNames(NamePlace.NEVER)
                .withBreath(false); // a longer side word may leave no room for a breath
        List<Occurrence> stretch = stretch(repetition);
        List<Cue> said = script(stretch, own).cues();
        List<Cue> seen = script(stretch, own.withView(Viewpoint.MIRROR)).cues();
        for (int i = 0; i < said.size(); i++) {
            assertThat(seen.get(i).words())
                    .isEqualTo(SideWords.swapped(said.get(i).words(), Language.ENGLISH));
        }
    }

    @RepeatedTest(15)
    void aLayerSaysNothingOfTheOthers(RepetitionInfo repetition) {
        List<Occurrence> stretch = stretch(repetition);
        CueOrder guide = CueOrder.USUAL
                .withLevel(CueLevel.GUIDE)
                .withNames(NamePlace.NEVER)
                .withOrdinals(false)
                .withBreath(false);
        assertThat(script(stretch, guide.withLayer(Layer.FEET)).text())
                .doesNotContainPattern("\\b(palm|palms|hands|hand(?! span))\\b");
        assertThat(script(stretch, guide.withLayer(Layer.HANDS)).text()).doesNotContain("heel first", "the weight");
    }

    @RepeatedTest(15)
    void partOfAScriptKeepsItsCallsAtTheirPlaces(RepetitionInfo repetition) {
        CueScript whole = script(stretch(repetition), CueOrder.USUAL);
        assertThat(whole.laid(_ -> true, Cue::length).seconds()).isCloseTo(whole.seconds(), within(1e-6));
        CueScript some = whole.laid(cue -> cue.occurrence() % 2 == 0, cue -> cue.length() * 2);
        double at = 0;
        for (Cue cue : some.cues()) {
            assertThat(cue.start()).isCloseTo(at, within(1e-6));
            at += cue.length();
            assertThat(cue.calls()).allMatch(call -> call.at() >= 0);
        }
        assertThat(some.seconds()).isCloseTo(at, within(1e-6));
        assertThat(whole.laid(_ -> false, Cue::length).cues()).isEmpty();
    }

    @RepeatedTest(10)
    void silenceIsAShareOfTheTime(RepetitionInfo repetition) {
        for (CueOrder order : orders()) {
            assertThat(script(stretch(repetition), order).silence()).isBetween(0.0, 1.0);
        }
    }

    @Test
    void aPostureWithoutCountsIsPassedOverInSilence() {
        Posture blank = Posture.blank(new PostureId("p"), "P");
        List<Occurrence> done = Unroll.posture(blank, Standing.POSING).occurrences();
        assertThat(script(done, CueOrder.USUAL).cues()).isEmpty();
        assertThat(script(List.of(), CueOrder.USUAL).silence()).isZero();
    }
}
