package app.avrel.desktop.figure;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.files.Demo;
import app.avrel.floor.SpacePoint;
import app.avrel.form.Moment;
import app.avrel.form.Occurrence;
import app.avrel.form.Playing;
import app.avrel.form.Unroll;
import app.avrel.mechanics.Rig;
import app.avrel.posture.Posture;
import app.avrel.project.Project;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a picture of the figure must have room for, and the ways of hands and feet through it. */
class ReachTest {

    private static final Project DEMO = Demo.project();
    private static final Body BODY = DEMO.setting().chosenBody();

    static List<Posture> postures() {
        return DEMO.postures().stream()
                .filter(posture -> !posture.counts().isEmpty())
                .toList();
    }

    private static Occurrence done(Posture posture) {
        return Unroll.posture(posture, DEMO.setting().posing()).occurrences().getFirst();
    }

    private static Reach reach(Posture posture) {
        return Reach.of(done(posture).inHall().stream().map(moment -> Rig.of(moment.after(), BODY)), BODY);
    }

    @ParameterizedTest
    @MethodSource("postures")
    void theCrownIsNeverHigherThanTheBodyIsTallAndTheFeetAreOnTheFloor(Posture posture) {
        assertThat(reach(posture).points()).allSatisfy(point -> {
            assertThat(point.up()).isLessThan(BODY.stature() * 1.35);
            assertThat(point.up()).isGreaterThan(-0.08);
        });
    }

    @Test
    void aTallerBodyNeedsMoreRoom() {
        Body tall = Body.ofStature(1.91);
        Posture posture = postures().getFirst();
        double high = reach(posture).points().stream()
                .mapToDouble(SpacePoint::up)
                .max()
                .orElseThrow();
        double higher =
                Reach.of(done(posture).inHall().stream().map(moment -> Rig.of(moment.after(), tall)), tall)
                        .points()
                        .stream()
                        .mapToDouble(SpacePoint::up)
                        .max()
                        .orElseThrow();
        assertThat(higher).isGreaterThan(high);
    }

    @Test
    void aRoomOfASizeHasItsSize() {
        Reach reach = Reach.within(0.75, 1.7);
        assertThat(reach.points().stream().mapToDouble(SpacePoint::up).max()).hasValue(1.7);
        assertThat(reach.points()).allMatch(point -> Math.abs(Math.hypot(point.right(), point.ahead()) - 0.75) < 1e-9);
    }

    @Test
    void nobodyNeedsNoRoom() {
        assertThat(Reach.of(Stream.of(), BODY).points()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("postures")
    void aWayBeginsWhereTheCountBeginsAndEndsWhereItEnds(Posture posture) {
        for (List<Moment> count : Moment.byCount(done(posture).inHall())) {
            Playing playing = new Playing(count, BODY);
            for (Trace trace : Trace.of(playing, BODY)) {
                var start = app.avrel.mechanics.Skeleton.of(playing.at(0), BODY).limbs(trace.side());
                var end = app.avrel.mechanics.Skeleton.of(playing.at(1), BODY).limbs(trace.side());
                assertThat(Stream.of(start.palm(), start.toe()))
                        .contains(trace.points().getFirst());
                assertThat(Stream.of(end.palm(), end.toe()))
                        .contains(trace.points().getLast());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("postures")
    void whatStaysWhereItIsHasNoWay(Posture posture) {
        for (List<Moment> count : Moment.byCount(done(posture).inHall())) {
            for (Trace trace : Trace.of(new Playing(count, BODY), BODY)) {
                SpacePoint first = trace.points().getFirst();
                assertThat(trace.points()).anyMatch(point -> {
                    SpacePoint way = point.minus(first);
                    return way.dot(way) > 0.0016;
                });
                assertThat(trace.side()).isIn((Object[]) Side.values());
            }
        }
    }

    @Test
    void lookingFromTheFrontAFigureIsAsWideAsItsHandsAreApart() {
        Projection seen = new Projection(Viewpoint.FRONT, new SpacePoint(0, 0, 0), 100, 0, 0);
        assertThat(seen.of(new SpacePoint(0.5, 0, 0)).x()).isCloseTo(-50, Offset.offset(1e-9));
        assertThat(seen.of(new SpacePoint(-0.5, 0, 0)).x()).isCloseTo(50, Offset.offset(1e-9));
    }
}
