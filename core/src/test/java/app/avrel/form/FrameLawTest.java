package app.avrel.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.house.HouseRules;
import app.avrel.label.Language;
import app.avrel.motion.HallPose;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.Posture;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.teaching.GentlerVersion;
import app.avrel.rules.Finding;
import app.avrel.rules.Where;
import app.avrel.rules.check.Checkup;
import app.avrel.rules.check.FormFindings;
import app.avrel.samples.Samples;
import app.avrel.words.CountWords;
import app.avrel.words.Wording;
import app.avrel.words.reading.Line;
import app.avrel.words.reading.LineReading;
import app.avrel.words.say.Saying;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** A posture is the same wherever in the hall it is done, and so is a form: what is drawn is turned and moved, no more. */
class FrameLawTest {

    private static Turn anyTurn(int seed) {
        return new Turn(new Samples(seed).number(-71, 71) * 5.0);
    }

    @RepeatedTest(1000)
    void aFormBegunInAnyDirectionIsPerformedTheSame(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Track track = SampleForms.of(seed).track();
        Track turned = track.turned(anyTurn(seed));
        assertThat(turned.occurrences()).extracting(Occurrence::done).isEqualTo(performed(track));
        assertThat(turned.counts()).isEqualTo(track.counts());
        assertThat(turned.beats()).isEqualTo(track.beats());
    }

    private static List<Performance> performed(Track track) {
        return track.occurrences().stream().map(Occurrence::done).toList();
    }

    @RepeatedTest(1000)
    void andIsDrawnTurnedAboutWhereItStarts(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Turn turn = anyTurn(seed);
        Track track = SampleForms.of(seed).track();
        Track turned = track.turned(turn);
        double far = track.start().middle().distance(track.end().middle());
        assertThat(turned.start().middle().distance(turned.end().middle())).isCloseTo(far, within(1e-6));
        for (int at = 0; at < track.occurrences().size(); at++) {
            HallPose here = track.occurrences().get(at).end();
            HallPose there = turned.occurrences().get(at).end();
            assertThat(there.facing().degreesFrom(here.facing().plus(turn))).isCloseTo(0, within(1e-6));
            for (Side side : Side.values()) {
                assertThat(there.toes(side)
                                .value()
                                .degreesFrom(here.toes(side).value().plus(turn)))
                        .isCloseTo(0, within(1e-6));
            }
        }
    }

    @RepeatedTest(500)
    void nothingIsFoundBecauseAFormFacesAnotherWay(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        SampleForms sample = SampleForms.of(seed);
        Form form = withoutClaims(sample.form());
        Track track = sample.track(form);
        Checkup checkup = new Checkup(sample.posing(), Directions.CLOCK);
        List<Finding> here = checkup.form(form, track, FormFindings.NONE).all();
        List<Finding> there = checkup.form(form, track.turned(anyTurn(seed)), FormFindings.NONE)
                .all();
        assertThat(there).containsExactlyElementsOf(here);
    }

    private static Form withoutClaims(Form form) {
        return form.withSaid(Optional.empty())
                .withParts(form.parts().stream()
                        .map(part -> part.withEntries(part.entries().stream()
                                .map(entry -> entry.withFacing(Optional.empty()))
                                .toList()))
                        .toList());
    }

    /** An entry that only turns the body stands before all others; what comes after is judged as before. */
    @RepeatedTest(500)
    void aPostureIsPerformedTheSameWhereverItStandsInAForm(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Samples samples = new Samples(seed);
        Posture posture = samples.posture("p");
        SampleForms sample = SampleForms.of(seed);
        Occurrence alone =
                Unroll.posture(posture, sample.posing()).occurrences().getFirst();
        Turn turn = anyTurn(seed);
        Occurrence placed = alone.turned(turn);
        assertThat(placed.done().counts()).isEqualTo(alone.done().counts());
        assertThat(new Checkup(sample.posing(), Directions.CLOCK).posture(Unroll.posture(posture, sample.posing())))
                .allMatch(finding -> finding.where() instanceof Where.InPosture);
        List<Moment> drawn = placed.inHall();
        List<Moment> here = alone.inHall();
        for (int at = 0; at < drawn.size(); at++) {
            Pose there = drawn.get(at).after();
            Pose was = here.get(at).after();
            assertThat(there.left().heel().value().distance(there.right().heel().value()))
                    .isCloseTo(
                            was.left()
                                    .heel()
                                    .value()
                                    .distance(was.right().heel().value()),
                            within(1e-9));
            assertThat(there.weight()).isEqualTo(was.weight());
            assertThat(there.drop()).isEqualTo(was.drop());
        }
    }

    /** Typed where the form faces three, "to three" is ahead: the same line, said for that place, records the same. */
    @RepeatedTest(1000)
    void whatIsSaidInTheHallsWordsIsReadBackAsItIsRecordedWhereverOneFaces(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Wording wording = new Wording(
                samples.one(Directions.CLOCK, Directions.CLOCK),
                samples.facing(),
                SampleForms.of(repetition.getCurrentRepetition()).posing().rules());
        Move move = samples.footMove();
        String said = Saying.exact(Language.ENGLISH, wording).line(Count.of(Stage.of(move)));
        LineReading reading = new Line(Language.ENGLISH, wording, Body.ofStature(1.7))
                .read(said, Starting.of(StartPose.SHOULDER_WIDE, Body.ofStature(1.7)));
        assertThat(reading.count().moves()).as(said).containsExactly(move);
    }

    /** Turn the hall and the front with it: every word for a learner who stands in it stays. */
    @RepeatedTest(1000)
    void wordsOfTheBodyStayWhereverOneFaces(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Count count = samples.count();
        Wording here = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
        Wording there = here.withFront(samples.facing());
        boolean ofTheHall = count.toString().matches("(?s).*(OfPosture|To\\[heading).*");
        if (!ofTheHall) {
            assertThat(new CountWords(there).say(count, CueLevel.GUIDE))
                    .isEqualTo(new CountWords(here).say(count, CueLevel.GUIDE));
        }
    }

    @RepeatedTest(300)
    void aGentlerVersionIsPlacedLikeThePostureItStandsFor(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Posture posture = samples.posture("p");
        SampleForms sample = SampleForms.of(repetition.getCurrentRepetition());
        int from = samples.number(0, posture.counts().size());
        int to = samples.number(from, posture.counts().size());
        GentlerVersion gentler = new GentlerVersion("gently", from, to, List.of(samples.count()));
        Occurrence gently = Unroll.posture(posture.in(gentler), sample.posing())
                .occurrences()
                .getFirst();
        Occurrence usual =
                Unroll.posture(posture, sample.posing()).occurrences().getFirst();
        assertThat(gently.start().facing()).isEqualTo(usual.start().facing());
        assertThat(gently.done().begins()).isEqualTo(usual.done().begins());
        assertThat(gently.posture().counts()).hasSize(posture.counts().size() - (to - from) + 1);
    }
}
