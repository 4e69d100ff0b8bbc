package app.avrel.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.house.HouseRules;
import app.avrel.motion.Performer;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.Language;
import app.avrel.posture.count.OwnWords;
import app.avrel.posture.count.Stage;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.samples.Samples;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class GuideTest {

    private static final Wording SAYING = new Wording(Directions.CLOCK, Heading.FRONT, HouseRules.LARGE_FRAME);
    private static final CountWords WORDS = new CountWords(SAYING);

    private static String said(Move move) {
        return WORDS.sentence(move);
    }

    @RepeatedTest(400)
    void feetAndWeightCanBeRebuiltFromThePlainSentencesAlone(RepetitionInfo repetition) {
        Samples samples = new Samples(repetition.getCurrentRepetition());
        Move move = samples.chance(0.75) ? samples.footMove() : new Move.Shift(samples.split());
        String sentence = said(move);
        assertThat(GuideReader.read(sentence)).as(sentence).isEqualTo(asSaid(move));
    }

    /** What the house settles is said as its number; a width of nothing needs no unit. */
    private static Move asSaid(Move move) {
        if (move instanceof Move.Shift(var split)) {
            return new Move.Shift(new Split.Said(Performer.share(split, HouseRules.LARGE_FRAME)));
        }
        return move;
    }

    @Test
    void aStepSaysFootDirectionDistanceWidthLandingAndToes() {
        Move step = new Move.Step(
                Side.RIGHT,
                new StepPlace.Along(
                        new Direction.OfPosture(new Bearing(30)),
                        Optional.of(Length.footLengths(1.5)),
                        Optional.of(Length.shoulderWidths(0.5))),
                Optional.of(Contact.HEEL),
                Optional.of(new Toes.AgainstPelvis(45)),
                Optional.empty());
        assertThat(said(step))
                .isEqualTo("Step toward 1 with the right foot, one and a half foot-lengths, half a shoulder width wide,"
                        + " heel first, toes 45° out.");
    }

    @Test
    void theHouseShareIsSaidWithItsNumber() {
        assertThat(said(new Move.Shift(new Split.AsHouse(Split.Loading.FRONT_LOADED, Side.LEFT))))
                .isEqualTo("Shift the weight to 65 left, 35 right, the house's front-loaded share.");
        assertThat(said(new Move.Shift(Split.on(Side.RIGHT, 100))))
                .isEqualTo("Shift all the weight onto the right foot.");
        assertThat(said(new Move.Shift(Split.on(Side.RIGHT, 50)))).isEqualTo("Share the weight evenly.");
    }

    @Test
    void turnsAreSaidWithTheirWayRound() {
        assertThat(said(new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(-110))))))
                .isEqualTo("Turn the body 110° to the left.");
        assertThat(said(new Move.TurnBody(BodyPart.CHEST, Optional.of(new Turning.To(new Bearing(180), Way.LEFT)))))
                .isEqualTo("Turn the chest to face 6, going round to the left.");
        assertThat(said(new Move.TurnFoot(Side.LEFT, Pivot.HEEL, Optional.of(new Toes.Turned(-45)))))
                .isEqualTo("Turn the left foot on its heel, toes in by 45°.");
    }

    @Test
    void headingsAreSaidInTheHallsWordsWhereverThePostureStands() {
        Wording facingThree = SAYING.withFront(new Heading(90));
        Move look = new Move.Look(new Gaze.Toward(new Direction.OfPosture(new Bearing(45))));
        assertThat(new CountWords(facingThree).sentence(look)).isEqualTo("Look toward 4:30.");
    }

    @Test
    void handsDepthAndEyesArePlainToo() {
        HandPlace place =
                HandPlace.UNSAID.withHeight(Landmark.CHEST).withPalm(Palm.IN).withShape(HandShape.LOOSE_FIST);
        assertThat(said(new Move.PlaceHand(Side.RIGHT, place, Optional.empty())))
                .isEqualTo("The right hand: chest height, palm in, loose fist.");
        assertThat(said(new Move.HoldBall(Side.LEFT, Optional.of(Landmark.CHEST), Optional.empty(), Optional.empty())))
                .isEqualTo("Hold a ball at chest height, left hand above.");
        assertThat(said(new Move.ChangeDepth(new Depth.Sink(Optional.of(Length.fists(1))))))
                .isEqualTo("Sink one fist.");
        assertThat(said(new Move.Look(Gaze.AHEAD))).isEqualTo("Look straight ahead, seeing wide.");
    }

    @Test
    void stagesFollowEachOtherAndBothHandsAreSaidOnce() {
        HandPlace navel = HandPlace.UNSAID.withHeight(Landmark.NAVEL);
        Count count = Count.of(
                Stage.of(new Move.Shift(Split.on(Side.LEFT, 100))),
                Stage.of(
                        new Move.PlaceHand(Side.LEFT, navel, Optional.empty()),
                        new Move.PlaceHand(Side.RIGHT, navel, Optional.empty())));
        assertThat(WORDS.say(count, CueLevel.GUIDE))
                .isEqualTo("Shift all the weight onto the left foot. Then both hands: navel height.");
        assertThat(WORDS.say(count, CueLevel.PROMPT)).isEqualTo("all left; hands to navel");
    }

    @Test
    void ownWordsStandInPlaceOfTheGenerated() {
        Count count = Count.of(Stage.of(new Move.Shift(Split.on(Side.LEFT, 70))))
                .withWords(List.of(
                        new OwnWords(Language.ENGLISH, CueLevel.PROMPT, "press the gate"),
                        new OwnWords(Language.SPANISH, CueLevel.GUIDE, "empuja")));
        assertThat(WORDS.say(count, CueLevel.PROMPT)).isEqualTo("press the gate");
        assertThat(WORDS.say(count, CueLevel.GUIDE)).isEqualTo("Shift the weight to 70 left, 30 right.");
        assertThat(WORDS.generated(count, CueLevel.PROMPT)).isEqualTo("70 left");
    }

    @RepeatedTest(200)
    void aPromptIsTwoToFourWords(RepetitionInfo repetition) {
        Move move = new Samples(repetition.getCurrentRepetition()).move();
        String words = WORDS.words(move);
        assertThat(words.split(" ")).as(words).hasSizeBetween(2, 4);
    }

    @RepeatedTest(100)
    void aPromptNamesTheSideThatMoves(RepetitionInfo repetition) {
        Move move = new Samples(repetition.getCurrentRepetition()).footMove();
        String side = ((Move.OfFoot) move).foot().word();
        assertThat(WORDS.words(move)).contains(side);
    }

    @Test
    void aCountInWhichNothingMovesIsSaidToo() {
        assertThat(WORDS.say(Count.blank(), CueLevel.GUIDE)).isEqualTo("Stay.");
        assertThat(WORDS.say(Count.blank(), CueLevel.PROMPT)).isEqualTo("stay there");
    }
}
