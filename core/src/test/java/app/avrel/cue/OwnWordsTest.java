package app.avrel.cue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.body.Side;
import app.avrel.floor.Directions;
import app.avrel.floor.Heading;
import app.avrel.form.Played;
import app.avrel.label.Language;
import app.avrel.motion.Standing;
import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.Start;
import app.avrel.posture.StartPose;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.CueLevel;
import app.avrel.posture.count.OwnWords;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.words.Wording;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What an instructor says in their own words: every time, or one time alone; and whether it still goes with the moves. */
class OwnWordsTest {

    private static final Wording WORDING = new Wording(Directions.CLOCK, Heading.FRONT, Standing.POSING.rules());
    private static final PostureId WELL = new PostureId("well");
    private static final OwnWords ALWAYS =
            OwnWords.of(Language.ENGLISH, CueLevel.GUIDE, "onto the left, like wet sand");
    private static final OwnWords THIRD = OwnWords.of(Language.ENGLISH, CueLevel.GUIDE, "left once more, eyes closed")
            .withTime(Optional.of(3));
    private static final Count SHIFT = Count.of(Stage.of(new Move.Shift(Split.on(Side.LEFT, 100))));

    private static List<String> said(Count count, Played... each) {
        Posture well = Posture.blank(WELL, "Well")
                .withSide(Optional.of(Side.LEFT))
                .withStart(new Start.Carried(StartPose.SHOULDER_WIDE))
                .withCounts(List.of(count));
        return Scripting.of(Stretches.of(well, each), CueOrder.USUAL.withLevel(CueLevel.GUIDE), WORDING).cues().stream()
                .map(cue -> cue.calls().stream()
                        .filter(call -> call.kind() == Call.Kind.MOVE)
                        .map(Call::words)
                        .findFirst()
                        .orElse(""))
                .toList();
    }

    @Test
    void theThirdTimeSomethingElseIsSaid() {
        Count count = SHIFT.saying(ALWAYS).saying(THIRD);
        assertThat(said(count, Played.AS_RECORDED, Played.AS_RECORDED, Played.AS_RECORDED, Played.AS_RECORDED))
                .containsExactly(ALWAYS.text(), ALWAYS.text(), THIRD.text(), ALWAYS.text());
    }

    @Test
    void eachSideHasItsOwnThirdTime() {
        Count count = SHIFT.saying(THIRD);
        List<String> said = said(
                count,
                Played.AS_RECORDED,
                Played.OTHER_SIDE,
                Played.AS_RECORDED,
                Played.OTHER_SIDE,
                Played.AS_RECORDED,
                Played.OTHER_SIDE);
        assertThat(said.get(4)).isEqualTo("left once more, eyes closed");
        assertThat(said.get(5)).isEqualTo("right once more, eyes closed");
        assertThat(said.subList(0, 4)).noneMatch(words -> words.contains("eyes closed"));
    }

    @Test
    void wordsAreMarkedOnceTheMovesUnderThemAreOthers() {
        Count count = SHIFT.saying(ALWAYS);
        OwnWords own = count.own(Language.ENGLISH, CueLevel.GUIDE, 1).orElseThrow();
        assertThat(own.outdated(count.stages())).isFalse();
        Count changed = count.changing(0, moves -> moves.set(0, new Move.Shift(Split.on(Side.RIGHT, 100))));
        assertThat(own.outdated(changed.stages())).isTrue();
        Count kept = changed.saying(own);
        assertThat(kept.words().getFirst().outdated(kept.stages())).isFalse();
    }

    @Test
    void onTheOtherSideTheyAreAsFreshOrAsOldAsHere() {
        Count count = SHIFT.saying(ALWAYS);
        Count mirrored = Mirror.of(count);
        assertThat(mirrored.words().getFirst().outdated(mirrored.stages())).isFalse();
        Count changed = Mirror.of(count.changing(0, moves -> moves.set(0, new Move.Shift(Split.on(Side.LEFT, 70)))));
        assertThat(changed.words().getFirst().outdated(changed.stages())).isTrue();
    }

    @Test
    void wordsOfWhichNobodyKnowsTheMovesAreNotMarked() {
        assertThat(ALWAYS.outdated(SHIFT.stages())).isFalse();
    }

    @Test
    void noTimeComesBeforeTheFirst() {
        assertThatThrownBy(() -> ALWAYS.withTime(Optional.of(0)))
                .hasMessage("the time of own words must be 1 or more, but was 0");
    }
}
