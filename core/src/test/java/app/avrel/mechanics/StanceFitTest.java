package app.avrel.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.avrel.body.Body;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.house.Stance;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class StanceFitTest {

    private static final Body BODY = Body.ofStature(1.70);

    private static StanceFit bow(Body body, double fists) {
        return new StanceFit(body, HouseRules.LARGE_FRAME, Stance.BOW, 65, fists * body.fist());
    }

    @Test
    void whatIsCalledTheBestSatisfiesEveryRuleWithRoomAllRound() {
        StanceFit fit = bow(BODY, 1.5);
        StanceFit.Cell best = fit.best().orElseThrow();
        double step = 0.1 * BODY.footLength();
        assertThat(best.against()).isEqualTo(StanceFit.Against.NOTHING);
        assertThat(fit.cell(best.length() + step, best.width()).fits()).isTrue();
        assertThat(fit.cell(best.length() - step, best.width()).fits()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.8, 1.5, 2.5})
    void aDeeperSittingReachesALongerStance(double fists) {
        double half = BODY.shoulderWidth() / 2;
        assertThat(bow(BODY, fists + 0.5)
                        .fitting(half)
                        .map(Bow.Lengths::longest)
                        .orElse(9.0))
                .isGreaterThanOrEqualTo(
                        bow(BODY, fists).fitting(half).map(Bow.Lengths::longest).orElse(0.0));
    }

    @Test
    void everyCellSaysWhatStandsAgainstIt() {
        assertThat(bow(BODY, 1.5).cells().stream().map(StanceFit.Cell::against).distinct())
                .contains(
                        StanceFit.Against.NOTHING,
                        StanceFit.Against.BOUNDS,
                        StanceFit.Against.REACH,
                        StanceFit.Against.STEP);
        assertThat(bow(BODY, 1.5).cell(0.2, 0.2).against()).isEqualTo(StanceFit.Against.BOUNDS);
        assertThat(bow(BODY, 0.5).cell(0.7, 0.2).against()).isEqualTo(StanceFit.Against.REACH);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1.52, 1.91})
    void lengthsInTheBodysOwnMeasureDoNotDependOnStature(double stature) {
        Body other = Body.ofStature(stature);
        StanceFit.Cell best = bow(BODY, 1.5).best().orElseThrow();
        StanceFit.Cell others = bow(other, 1.5).best().orElseThrow();
        assertThat(others.length() / other.footLength()).isCloseTo(best.length() / BODY.footLength(), within(0.15));
    }

    /** At shoulder width 63 to 64 % keep the knee behind the base of the toe, within 5 points, whatever the depth. */
    @ParameterizedTest
    @CsvSource({"1", "2", "3"})
    void theGreatestShareWithTheKneeBehindTheBaseOfTheToe(double fists) {
        HouseRules strict = HouseRules.LARGE_FRAME.with(HouseRule.KNEE_LIMIT, 0);
        StanceFit fit = new StanceFit(BODY, strict, Stance.BOW, 65, fists * BODY.fist());
        assertThat(fit.greatestPercent(BODY.shoulderWidth()).orElseThrow()).isCloseTo(63, within(5));
    }

    @Test
    void theSharesOfTheHouse() {
        assertThat(StanceFit.housePercent(HouseRules.LARGE_FRAME, Stance.BOW)).isEqualTo(65);
        assertThat(StanceFit.housePercent(HouseRules.LARGE_FRAME, Stance.EMPTY)).isEqualTo(15);
    }
}
