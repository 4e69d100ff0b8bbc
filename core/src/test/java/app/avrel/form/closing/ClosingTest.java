package app.avrel.form.closing;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.form.Entry;
import app.avrel.form.Form;
import app.avrel.form.FormId;
import app.avrel.form.Played;
import app.avrel.form.Shelf;
import app.avrel.form.Unroll;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.mechanics.Performing;
import app.avrel.motion.Performer;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Turning;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * A form that goes out and comes back the same way is closed whatever its amounts are. Disturbed in one to three of them,
 * it is closed again by changes that are no more and no larger.
 */
class ClosingTest {

    private static final int FORMS = Integer.getInteger("avrel.closing.forms", 45);
    private static final Performer PERFORMER =
            Performing.of(Body.ofStature(1.7), HouseRules.LARGE_FRAME.with(HouseRule.FORWARD_WOUND, 1));

    private static final Length WIDE = Length.shoulderWidths(1);

    /** What recording in hundredths of a foot-length and whole degrees may cost. */
    private static final double ROUNDING = 0.1;

    /** A form on its shelf. */
    private record Walk(Form form, Shelf shelf) {

        Gap gap() {
            return Gap.of(Unroll.form(form, shelf, PERFORMER));
        }

        List<Closure> closures() {
            return new Closing(form, shelf, PERFORMER, () -> false).search();
        }

        Walk with(Posture posture) {
            Map<PostureId, Posture> postures = new LinkedHashMap<>(shelf.postures());
            postures.put(posture.id(), posture);
            return new Walk(form, new Shelf(postures, shelf.links()));
        }

        Walk closedBy(Closure closure) {
            Map<PostureId, Posture> postures = new LinkedHashMap<>(shelf.postures());
            postures.replaceAll((_, posture) -> closure.in(posture, PERFORMER.body()));
            return new Walk(form, new Shelf(postures, shelf.links()));
        }
    }

    private static Count count(Move move) {
        return Count.blank().withStages(List.of(Stage.of(move)));
    }

    private static Move step(Side foot, double way, double footLengths) {
        return new Move.Step(
                foot,
                new StepPlace.Along(
                        new Direction.OfBody(new Turn(way)),
                        Optional.of(Length.footLengths(footLengths)),
                        Optional.of(WIDE)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static Move level(Side foot) {
        return new Move.Step(
                foot,
                new StepPlace.LevelWithHeel(Optional.of(WIDE)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static Move turn(double degrees) {
        return new Move.TurnBody(BodyPart.WHOLE, Optional.of(new Turning.By(new Turn(degrees))));
    }

    private static Posture posture(String id, Move... moves) {
        List<Count> counts = new ArrayList<>();
        for (Move move : moves) {
            counts.add(count(move));
        }
        return Posture.blank(new PostureId(id), id).withCounts(counts);
    }

    /** Goes out with steps and turns, and comes back by the same. */
    private static Walk thereAndBack(Random random, int legs) {
        List<Posture> out = new ArrayList<>();
        List<Posture> back = new ArrayList<>();
        for (int leg = 0; leg < legs; leg++) {
            double turned = (random.nextInt(7) + 2) * 5 * (random.nextBoolean() ? 1 : -1);
            double far = (random.nextInt(80) + 120) / 100.0;
            out.add(posture("out" + leg, turn(turned), step(Side.RIGHT, 0, far), level(Side.LEFT)));
            back.addFirst(posture(
                    "back" + leg, step(Side.LEFT, 180, far), level(Side.RIGHT), turn(-turned), level(Side.RIGHT)));
        }
        List<Posture> all = new ArrayList<>(out);
        all.addAll(back);
        Form form = new Form(new FormId("form"), "There and back", List.of(), Optional.empty(), Optional.empty());
        Map<PostureId, Posture> shelf = new LinkedHashMap<>();
        for (Posture posture : all) {
            shelf.put(posture.id(), posture);
            form = form.append(0, Entry.of(form.freshId(), posture.id(), Played.AS_RECORDED));
        }
        return new Walk(form, new Shelf(shelf, Map.of()));
    }

    @Test
    void aFormThatComesBackTheWayItWentIsClosedAndNeedsNothing() {
        Walk walk = thereAndBack(new Random(1), 3);
        assertThat(walk.gap().closed()).isTrue();
        assertThat(walk.closures()).isEmpty();
    }

    @Test
    void onceDisturbedItIsClosedByChangesNoLargerThanTheDisturbance() {
        Random random = new Random(20261128);
        int tried = 0;
        for (int i = 0; i < FORMS; i++) {
            Walk closed = thereAndBack(random, 2);
            assertThat(closed.gap().closed()).isTrue();
            int many = random.nextInt(3) + 1;
            double size = 0;
            List<Closure.Change> how = new ArrayList<>();
            Walk disturbed = closed;
            List<Amount> amounts = amounts(closed);
            for (int k = 0; k < many; k++) {
                Amount amount = amounts.remove(random.nextInt(amounts.size()));
                double to = disturbed(amount, random);
                size += amount.size(to);
                how.add(new Closure.Change(amount, to));
                Posture before = disturbed.shelf().posture(amount.posture()).orElseThrow();
                disturbed = disturbed.with(amount.in(before, to, PERFORMER.body()));
            }
            if (disturbed.gap().closed()) {
                continue;
            }
            tried++;
            List<Closure> found = disturbed.closures();
            assertThat(found).as("form " + i).isNotEmpty();
            Closure least = found.getFirst();
            assertThat(least.changes()).as("form " + i + " disturbed in " + how).hasSizeLessThanOrEqualTo(many);
            if (least.changes().size() == many) {
                assertThat(least.size()).as("form " + i).isLessThanOrEqualTo(size + ROUNDING * many);
            }
            for (Closure closure : found) {
                assertThat(disturbed.closedBy(closure).gap().closed()).isTrue();
            }
        }
        assertThat(tried).isGreaterThan(FORMS / 2);
    }

    private static List<Amount> amounts(Walk walk) {
        Amounts all = new Amounts(PERFORMER.rules(), PERFORMER.body());
        return new ArrayList<>(walk.shelf().postures().values().stream()
                .flatMap(posture -> all.of(posture).stream())
                .toList());
    }

    private static double disturbed(Amount amount, Random random) {
        double sign = random.nextBoolean() ? 1 : -1;
        if (amount.kind() == Amount.Kind.TURN) {
            double more = Math.signum(amount.said()) * (random.nextInt(12) + 3);
            return Math.abs(amount.said()) > 15 && sign < 0 ? amount.said() - more : amount.said() + more;
        }
        Posture none = posture("none", step(Side.RIGHT, 0, 1));
        double wanted = amount.said() + sign * (random.nextInt(20) + 6) / 100.0;
        return new Amount(none.id(), 0, 0, 0, amount.kind(), amount.said(), amount.least(), amount.most())
                .recorded(wanted, none, PERFORMER.body());
    }

    @Test
    void theSmallestComesFirst() {
        Walk walk = thereAndBack(new Random(5), 3);
        Posture first = walk.shelf().postures().values().iterator().next();
        Amount far = amounts(walk).stream()
                .filter(amount -> amount.kind() == Amount.Kind.DISTANCE)
                .findFirst()
                .orElseThrow();
        Walk disturbed = walk.with(far.in(first, far.said() + 0.2, PERFORMER.body()));
        assertThat(disturbed.closures()).extracting(Closure::size).isSorted();
    }

    @ParameterizedTest
    @ValueSource(ints = {-7, 9, 14})
    void aTurnTooFarIsTakenBack(int more) {
        Walk walk = thereAndBack(new Random(11), 2);
        Amount turn = amounts(walk).stream()
                .filter(amount -> amount.kind() == Amount.Kind.TURN)
                .findFirst()
                .orElseThrow();
        Posture before = walk.shelf().posture(turn.posture()).orElseThrow();
        Walk disturbed = walk.with(turn.in(before, turn.said() + more, PERFORMER.body()));
        assertThat(disturbed.gap().turned()).isCloseTo(more, org.assertj.core.data.Offset.offset(0.5));
        assertThat(disturbed.closures()).first().satisfies(closure -> {
            assertThat(closure.changes()).hasSize(1);
            assertThat(closure.changes().getFirst().amount().kind()).isEqualTo(Amount.Kind.TURN);
        });
    }

    @Test
    void noAmountLeavesTheHousesRange() {
        for (Amount amount : amounts(thereAndBack(new Random(3), 3))) {
            assertThat(amount.allows(amount.said())).isTrue();
            assertThat(amount.allows(amount.most() + 0.01)).isFalse();
            assertThat(amount.allows(amount.least() - 0.01)).isFalse();
        }
    }

    @Test
    void aTurnNeverBecomesOneToTheOtherSide() {
        for (Amount amount : amounts(thereAndBack(new Random(9), 3))) {
            if (amount.kind() == Amount.Kind.TURN) {
                assertThat(amount.least() * amount.most()).isGreaterThan(-1e-9);
            }
        }
    }

    @Test
    void aSearchThatIsCalledOffEndsWithWhatItHas() {
        Walk walk = thereAndBack(new Random(5), 3);
        Amount far = amounts(walk).getLast();
        Posture before = walk.shelf().posture(far.posture()).orElseThrow();
        Walk disturbed = walk.with(far.in(before, far.said() - 9, PERFORMER.body()));
        assertThat(new Closing(disturbed.form(), disturbed.shelf(), PERFORMER, () -> true).search())
                .isEmpty();
    }

    @Test
    void whatIsRecordedIsInTheUnitItWasSaidIn() {
        Posture said = posture("said", step(Side.LEFT, 0, 1.5));
        Amount amount =
                new Amounts(PERFORMER.rules(), PERFORMER.body()).of(said).getFirst();
        Posture changed = amount.in(said, amount.said() + 0.1, PERFORMER.body());
        assertThat(changed.counts().getFirst().stages().getFirst().moves().getFirst())
                .isInstanceOfSatisfying(Move.Step.class, step -> {
                    StepPlace.Along along = (StepPlace.Along) step.place();
                    assertThat(along.distance().orElseThrow().unit())
                            .isEqualTo(Length.footLengths(1).unit());
                    assertThat(PERFORMER.body().metres(along.distance().orElseThrow()))
                            .isCloseTo(amount.said() + 0.1, org.assertj.core.data.Offset.offset(0.002));
                });
    }
}
