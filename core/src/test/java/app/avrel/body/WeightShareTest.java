package app.avrel.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.avrel.samples.Samples;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class WeightShareTest {

    @Test
    void whatOneFootBearsTheOtherDoesNot() {
        WeightShare share = WeightShare.on(Side.RIGHT, 65);
        assertThat(share.least(Side.RIGHT)).isEqualTo(65);
        assertThat(share.most(Side.LEFT)).isEqualTo(35);
        assertThat(share.heavier()).isEqualTo(Side.RIGHT);
        assertThat(share).isEqualTo(WeightShare.left(35));
    }

    @Test
    void aRangeIsCarriedForBothFeet() {
        WeightShare more = WeightShare.on(Side.RIGHT, 51, 100);
        assertThat(more.leastLeft()).isZero();
        assertThat(more.mostLeft()).isEqualTo(49);
        assertThat(more.exact()).isFalse();
        assertThat(more.middle(Side.RIGHT)).isEqualTo(75.5);
    }

    @Test
    void sharesDifferOnlyByWhatIsCertain() {
        assertThat(WeightShare.left(70).pointsFrom(WeightShare.left(60))).isEqualTo(10);
        assertThat(WeightShare.left(70).pointsFrom(WeightShare.UNKNOWN)).isZero();
        assertThat(new WeightShare(20, 40).pointsFrom(new WeightShare(55, 60))).isEqualTo(15);
        assertThat(new WeightShare(20, 60).pointsFrom(new WeightShare(55, 90))).isZero();
    }

    @Test
    void overAHundredIsRefused() {
        assertThatThrownBy(() -> WeightShare.left(120)).hasMessage("left share must be 0 to 100 percent, but was 120");
        assertThatThrownBy(() -> WeightShare.left(-1)).hasMessageContaining("but was -1");
        assertThatThrownBy(() -> new WeightShare(50, 40))
                .hasMessage("left share at most must be 50 to 100 percent, but was 40");
    }

    @RepeatedTest(30)
    void mirroringSwapsWhatEachFootBears(RepetitionInfo repetition) {
        WeightShare share = new Samples(repetition.getCurrentRepetition()).share();
        WeightShare mirrored = share.mirrored();
        for (Side side : Side.values()) {
            assertThat(mirrored.least(side)).isEqualTo(share.least(side.other()));
            assertThat(mirrored.most(side)).isEqualTo(share.most(side.other()));
        }
        assertThat(mirrored.mirrored()).isEqualTo(share);
    }
}
