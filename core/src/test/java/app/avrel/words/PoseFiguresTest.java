package app.avrel.words;

import static app.avrel.motion.Standing.BODY;
import static app.avrel.motion.Standing.after;
import static app.avrel.motion.Standing.shoulderWide;
import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.motion.Pose;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PoseFiguresTest {

    private static final Move ONE_FIST = new Move.ChangeDepth(new Depth.To(Length.fists(1)));

    @Test
    void aPoseIsToldInTheUnitsOfInstructors() {
        Map<String, String> figures = PoseFigures.of(after(shoulderWide(), ONE_FIST), BODY);
        assertThat(figures)
                .containsEntry("Weight", "50 left / 50 right")
                .containsEntry("Pelvis down", "1 fist")
                .containsEntry("Length", "0 cm")
                .containsEntry("Width", "44 cm")
                .containsEntry("Trunk inclined", "0°")
                .containsEntry("Left foot against the pelvis", "0° out");
        assertThat(figures.get("Left knee bent")).matches("4[5-9]°|50°");
        assertThat(figures.get("Nearest edge")).matches("1[0-3] cm");
    }

    @Test
    void aFootInTheAirHasNoKneeToMeasure() {
        Pose pose = after(
                after(shoulderWide(), new Move.Shift(Split.on(Side.RIGHT, 100)), ONE_FIST),
                new Move.Lift(Side.LEFT, Optional.empty(), Optional.empty(), Optional.empty()));
        assertThat(PoseFigures.of(pose, BODY))
                .containsEntry("Left foot", "in the air")
                .doesNotContainKey("Left knee")
                .containsKey("Right knee");
    }

    @Test
    void twoPosesAreComparedLineByLine() {
        Pose high = after(shoulderWide(), ONE_FIST);
        Pose low = after(shoulderWide(), new Move.ChangeDepth(new Depth.To(Length.fists(2))));
        assertThat(PoseFigures.of(low, BODY).keySet())
                .isEqualTo(PoseFigures.of(high, BODY).keySet());
        assertThat(PoseFigures.of(low, BODY).get("Left knee"))
                .as("deeper brings the knee forward")
                .endsWith("past the toes");
    }
}
