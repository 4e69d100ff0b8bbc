package app.avrel.mechanics;

import app.avrel.body.Body;
import app.avrel.body.Side;
import app.avrel.floor.Bearing;
import app.avrel.floor.FloorPoint;
import app.avrel.house.HouseRule;
import app.avrel.house.HouseRules;
import app.avrel.house.Stance;
import app.avrel.posture.move.Contact;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Which lengths and widths of a stance satisfy every house rule for a body: the left foot ahead, pointing to the facing.
 *
 * <p>Lengths are honest to -4 and +8 cm, shares to ±5 points.
 *
 * @param stance one with a foot ahead: front-loaded, all on the front, light front foot, rear-loaded
 * @param frontPercent on the foot ahead, 0 to 100
 * @param drop metres the pelvis is below standing
 */
public record StanceFit(Body body, HouseRules rules, Stance stance, int frontPercent, double drop) {

    /** The stances that have a foot ahead. */
    public static final List<Stance> STANCES =
            List.of(Stance.BOW, Stance.ALL_ON_FRONT, Stance.REAR_LOADED, Stance.EMPTY);

    private static final double LONGEST = 3.6;
    private static final double WIDEST = 1.4;
    private static final double STEP = 0.1;
    private static final double LOADED = 0.5;

    /** What stands against a length and a width, the first of these. */
    public enum Against {
        NOTHING("fits"),
        BOUNDS("not as long or wide as the house has it"),
        REACH("a leg does not reach at this depth"),
        KNEE("a loaded knee goes too far"),
        EDGE("too near to the edge of the support"),
        STEP("cannot be stepped into with an empty foot");

        private final String words;

        Against(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One length and width.
     *
     * @param length heel to heel along the facing, metres
     * @param width between the heel lines, metres
     * @param push the weakest push that tips, as a share of the body's weight
     */
    public record Cell(double length, double width, Against against, double push) {

        public boolean fits() {
            return against == Against.NOTHING;
        }
    }

    /** {@return the share on the foot ahead that the house rules say for a stance} */
    public static int housePercent(HouseRules rules, Stance stance) {
        return switch (stance) {
            case BOW -> rules.get(HouseRule.BOW_SHARE);
            case ALL_ON_FRONT -> 95;
            case EMPTY -> rules.get(HouseRule.EMPTY_SHARE);
            case REAR_LOADED -> 100 - rules.get(HouseRule.BOW_SHARE);
            case ONE_LEGGED, DRAWN_IN, CROSSED_REST, DROP, SIDE_BOW, HORSE, SHOULDER_WIDE, FEET_TOGETHER ->
                throw new IllegalArgumentException("a stance must have a foot ahead, but was " + stance.label());
        };
    }

    /** {@return every length and width looked at: lengths from none, tenths of a foot-length and of a shoulder width} */
    public List<Cell> cells() {
        List<Cell> cells = new ArrayList<>();
        for (int w = 0; w <= Math.round(WIDEST / STEP); w++) {
            for (int l = 2; l <= Math.round(LONGEST / STEP); l++) {
                cells.add(cell(l * STEP * body.footLength(), w * STEP * body.shoulderWidth()));
            }
        }
        return cells;
    }

    /** {@return what stands against a length and a width in metres} */
    public Cell cell(double length, double width) {
        Stand stand = stand(length, width, frontPercent / 100.0, front(), drop);
        Margins margins = Margins.of(stand, body);
        double nearest = margins.distances().get(margins.weakest());
        return new Cell(
                length,
                width,
                against(stand, length, width, nearest),
                margins.pushes().get(margins.weakest()));
    }

    private Against against(Stand stand, double length, double width, double nearest) {
        if (!inBounds(length, width)) {
            return Against.BOUNDS;
        }
        if (LeastDrop.of(stand, body).metres() > drop) {
            return Against.REACH;
        }
        if (kneePast(stand) > 0) {
            return Against.KNEE;
        }
        if (nearest < rules.get(HouseRule.BALANCE_MARGIN) / 1000.0) {
            return Against.EDGE;
        }
        Contact landing = front() == Contact.BALL ? Contact.BALL : Contact.HEEL;
        Stand empty = stand(length, width, 0, landing, drop);
        return LeastDrop.of(empty, body).metres() > drop ? Against.STEP : Against.NOTHING;
    }

    private Contact front() {
        return stance == Stance.EMPTY ? Contact.BALL : Contact.FLAT;
    }

    private boolean inBounds(double length, double width) {
        if (stance == Stance.EMPTY || stance == Stance.REAR_LOADED) {
            return length <= rules.get(HouseRule.BOW_LENGTH_MOST) / 100.0 * body.footLength() + 1e-9;
        }
        double feet = length / body.footLength() * 100;
        double shoulders = width / body.shoulderWidth() * 100;
        return feet >= rules.get(HouseRule.BOW_LENGTH_LEAST) - 1e-6
                && feet <= rules.get(HouseRule.BOW_LENGTH_MOST) + 1e-6
                && shoulders >= rules.get(HouseRule.BOW_WIDTH_LEAST) - 1e-6
                && shoulders <= rules.get(HouseRule.BOW_WIDTH_MOST) + 1e-6;
    }

    /** {@return how a body stands so: the left foot ahead} */
    public Stand stand(double length, double width, double share, Contact contact, double depth) {
        Sole left = Sole.of(new FloorPoint(-width / 2, length), Bearing.FRONT, contact);
        Bearing out = Bearing.wrapping(rules.get(HouseRule.REAR_FOOT_ANGLE));
        return Stand.of(left, Sole.of(new FloorPoint(width / 2, 0), out, Contact.FLAT), share, Bearing.FRONT, depth);
    }

    /** Metres by which a loaded knee is past its limit; not above 0 where none is. */
    private double kneePast(Stand stand) {
        double limit = rules.in(Optional.of(stance)).get(HouseRule.KNEE_LIMIT) / 100.0 * body.footLength();
        FloorPoint centre = stand.centreOfMass(body);
        FloorPoint pelvis =
                centre.plus(centre.minus(Segments.of(stand, body).centre().floor()));
        double past = Double.NEGATIVE_INFINITY;
        for (Side side : Side.values()) {
            double share = side == Side.LEFT ? stand.shareLeft() : 1 - stand.shareLeft();
            if (share >= LOADED && stand.sole(side).contact() == Contact.FLAT) {
                past = Math.max(past, Leg.of(stand, side, body, pelvis).pastBall() - limit);
            }
        }
        return past;
    }

    /**
     * {@return the fitting length and width with the most leeway all round, and of those the hardest to tip; empty where
     * none fits}
     */
    public Optional<Cell> best() {
        return best(cells());
    }

    /** {@return the best of cells that were looked at already} */
    public Optional<Cell> best(List<Cell> cells) {
        List<Cell> against = cells.stream().filter(cell -> !cell.fits()).toList();
        return cells.stream()
                .filter(Cell::fits)
                .max(Comparator.comparingDouble((Cell cell) -> leeway(cell, against))
                        .thenComparingDouble(Cell::push));
    }

    /** Steps of the grid to the nearest that does not fit. */
    private double leeway(Cell cell, List<Cell> against) {
        return against.stream()
                .mapToDouble(other -> Math.max(
                        Math.abs(cell.length() - other.length()) / (STEP * body.footLength()),
                        Math.abs(cell.width() - other.width()) / (STEP * body.shoulderWidth())))
                .map(Math::round)
                .min()
                .orElse(0);
    }

    /** {@return the shortest and the longest that fit at a width; empty where none does} */
    public Optional<Bow.Lengths> fitting(double width) {
        List<Double> lengths = cells().stream()
                .filter(cell -> cell.fits() && Math.abs(cell.width() - width) < 1e-6)
                .map(Cell::length)
                .toList();
        return lengths.isEmpty()
                ? Optional.empty()
                : Optional.of(new Bow.Lengths(lengths.getFirst(), lengths.getLast()));
    }

    /**
     * {@return the greatest percent on the foot ahead that keeps its knee behind the limit at a width, in the longest
     * stance both legs reach; empty where even half is too much}
     */
    public Optional<Integer> greatestPercent(double width) {
        Bow bow = Bow.flat(width, rules.get(HouseRule.REAR_FOOT_ANGLE));
        for (int percent = 100; percent >= 50; percent--) {
            double share = percent / 100.0;
            boolean behind = bow.lengths(share, drop, body)
                    .filter(lengths -> kneePast(stand(lengths.longest(), width, share, Contact.FLAT, drop)) <= 0)
                    .isPresent();
            if (behind) {
                return Optional.of(percent);
            }
        }
        return Optional.empty();
    }
}
