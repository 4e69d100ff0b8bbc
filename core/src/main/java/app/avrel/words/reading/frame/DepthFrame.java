package app.avrel.words.reading.frame;

import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.floor.Numbers;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Split;
import app.avrel.words.lexicon.Term;
import java.util.Map;
import java.util.Optional;

/** How deep the body goes, and how it inclines. */
final class DepthFrame implements Frame {

    private static final double MOST_LEAN = 60;

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> item.is(Term.Act.SINK)
                || item.is(Term.Act.SIT)
                || item.is(Term.Act.RISE)
                || item.is(Term.Act.LOWER)
                || item.is(Term.Act.RAISE)
                || item.is(Term.Act.LEAN)
                || item.is(Term.Act.STRAIGHTEN)
                || item.is(Term.Part.KNEES_BEND)
                || item.is(Term.Part.TAILBONE)
                || item.is(Term.Manner.DEEPER)
                || item.is(Term.Manner.HIGH_FRAME)
                || item.is(Term.Manner.MEDIUM_FRAME)
                || item.is(Term.Manner.LOW_FRAME)
                || item.is(Term.Manner.UPRIGHT)
                || item.is(Term.Manner.STANDING)
                || item.is(Term.Part.BODY)
                || bothLegs(item)
                || item.is(Term.Part.KNEE)
                || item.is(Term.Manner.HIGHER)
                || item.is(Term.Manner.STRETCHED_LEGS)
                || item.is(Term.Way.DOWN)
                || item.is(Term.Way.UP)
                || item.is(Term.Act.SIT));
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        if (clause.has(item ->
                        HandWords.hand(item) && item.rel() == null && !(item.is(Term.Part.FIST) && item.who() == null))
                || clause.has(Term.Part.WEIGHT)) {
            return Optional.empty();
        }
        boolean body = clause.has(Term.Part.BODY);
        boolean ofTheArm = clause.has(Term.Manner.UPRIGHT)
                && clause.has(item -> item.is(Term.Part.FOREARM) || item.is(Term.Part.ARM) || item.is(Term.Part.SHIN));
        boolean besideTheBody = clause.has(item -> item.is(Term.Part.BODY) && item.rel() == Term.Rel.AT);
        boolean chestAlone = clause.has(item -> item.is(Term.Part.CHEST) && item.rel() == null)
                && !body
                && (clause.has(Term.Act.SINK) || clause.has(Term.Act.LOWER));
        boolean ofOneArm = clause.has(item -> (item.is(Term.Part.SHOULDER) || item.is(Term.Part.WRIST))
                && item.rel() == null
                && item.whose().flatMap(Term.Who::side).isPresent());
        if (ofTheArm || besideTheBody || chestAlone || ofOneArm) {
            return Optional.empty();
        }
        boolean leans = clause.has(Term.Act.LEAN)
                || clause.has(Term.Act.STRAIGHTEN) && body
                || clause.has(Term.Manner.UPRIGHT)
                || body
                        && !clause.has(Term.Act.TURN)
                        && (clause.has(Term.Way.FORWARD) || clause.has(Term.Way.BACK))
                        && clause.has(item -> Ways.amount(item.term()).isPresent());
        return leans ? incline(clause, now) : depth(clause, now);
    }

    private Optional<Fit> incline(Clause clause, Situation now) {
        boolean upright = clause.takeAll(Term.Manner.UPRIGHT) | clause.takeAll(Term.Act.STRAIGHTEN);
        boolean verb = clause.takeAll(Term.Act.LEAN) || upright;
        boolean counted = upright && clause.has(item -> Ways.amount(item.term()).isPresent());
        if (counted || amountAfterComma(clause) || comesBack(clause)) {
            return Optional.empty();
        }
        boolean placed = clause.has(item -> item.rel() != null
                && item.rel() != Term.Rel.FROM
                && Landmarks.of(item.term()).isPresent());
        if (placed) {
            return Optional.empty();
        }
        clause.takeAll(Term.Act.STAY);
        clause.takeAll(
                Term.Part.BODY,
                Term.Part.CHEST,
                Term.Part.WAIST,
                Term.Part.HIPS,
                Term.Way.UP,
                Term.Act.RETURN,
                Term.Act.MOVE);
        boolean open = clause.takeAll(Term.Manner.SOMEHOW);
        Ways ways = new Ways(clause, now);
        Optional<Heading> hall = ways.hall();
        Optional<Double> degrees = open ? Optional.empty() : ways.degrees();
        if (degrees.filter(some -> some > MOST_LEAN || some < 0).isPresent()) {
            clause.useAll();
            return Optional.of(new Fit()
                    .refuse(
                            Numbers.plain(degrees.get()),
                            "lean_too_far",
                            Map.of("degrees", Numbers.plain(degrees.get()))));
        }
        Optional<Double> bend = ways.degrees();
        Optional<Direction> toward = hall.isPresent()
                ? hall.map(heading -> new Direction.OfPosture(now.ofPosture(heading)))
                : bend.isPresent() || degrees.isPresent() && clause.has(Item::bareSide) && !open
                        ? toSide(ways, bend)
                        : ways.of(Side.RIGHT);
        if (open && degrees.isEmpty() && bend.isPresent()) {
            toward = toward.or(() -> ways.of(Side.RIGHT));
        }
        clause.takeAll(Term.Way.FORWARD);
        Optional<Integer> lean = upright ? Optional.of(0) : degrees.map(some -> (int) Math.round(some));
        return Optional.of(Fit.of(new Move.Incline(lean, toward.filter(some -> !some.equals(Direction.FORWARD))))
                .heading(ways.found())
                .costs(verb ? 0 : Costs.NO_VERB));
    }

    /** Bend the left knee: that one leg is bent says nothing of how deep the body stands. */
    private static boolean bendsOneKnee(Clause clause) {
        return clause.has(Term.Manner.BENT)
                && clause.has(item -> item.is(Term.Part.KNEE)
                        && item.rel() == null
                        && item.whose().flatMap(Term.Who::side).isPresent());
    }

    private static Optional<Direction> toSide(Ways ways, Optional<Double> bend) {
        return ways.leftOrRight().map(side -> Direction.wrapping(side.sign() * bend.orElse(90.0)));
    }

    private Optional<Fit> depth(Clause clause, Situation now) {
        if (bendsOneKnee(clause)) {
            return Optional.empty();
        }
        boolean knees = clause.has(Term.Part.KNEES_BEND)
                || clause.has(Term.Part.TAILBONE)
                || clause.has(item -> item.is(Term.Part.KNEE) && item.both())
                        && (clause.has(Term.Act.SINK)
                                || clause.has(Term.Act.LOWER)
                                || clause.has(Term.Manner.BENT)
                                || clause.has(Term.Manner.DEEPER));
        boolean body = clause.has(item -> item.rel() == null && Subjects.trunk(item));
        boolean limb = clause.has(item -> WhichFoot.foot(item)
                && item.rel() == null
                && (!item.is(Term.Part.KNEE)
                        || item.who() != null && item.who().side().isPresent()));
        boolean ofLifted = now.lifted().isPresent()
                && now.topic() == Situation.Topic.FOOT
                && clause.has(item -> item.is(Term.Part.KNEE) && item.who() == null && !item.many());
        if (ofLifted) {
            return Optional.empty();
        }
        boolean handOf = pronounBefore(clause);
        boolean bothHands = clause.has(item -> item.bareSide() && item.who() == Term.Who.BOTH && item.rel() == null)
                && clause.has(item -> item.part() && item.rel() == Term.Rel.AT);
        if (handOf || bothHands) {
            return Optional.empty();
        }
        Optional<Side> onto = sinksOnto(clause, now);
        boolean sinks = clause.takeAll(Term.Act.SINK) | clause.takeAll(Term.Part.KNEES_BEND, Term.Part.TAILBONE);
        boolean legs = clause.has(
                item -> bothLegs(item) || item.is(Term.Part.KNEE) && item.rel() == null && item.who() == null);
        boolean rises = clause.takeAll(Term.Act.RISE, Term.Manner.STRETCHED_LEGS)
                | (legs && clause.takeAll(Term.Act.STRAIGHTEN, Term.Manner.EXTENDED));
        boolean frame = clause.has(Term.Manner.HIGH_FRAME)
                || clause.has(Term.Manner.MEDIUM_FRAME)
                || clause.has(Term.Manner.LOW_FRAME)
                || clause.has(Term.Manner.STANDING);
        if (rises && (sinks || knees)) {
            return Optional.empty();
        }
        boolean pronoun = clause.has(Term.Ref.THEM)
                || clause.has(item -> item.bareSide() && item.who() == Term.Who.IT && item.rel() == null);
        boolean alone = (clause.has(Term.Act.LOWER) || clause.has(Term.Act.RAISE))
                && clause.items().stream().allMatch(item -> item.term() instanceof Term.Act || Leftover.small(item));
        boolean inAir = now.lifted().isPresent() || now.raised().isPresent();
        boolean ofLimb = alone
                && (now.topic() == Situation.Topic.FOOT && inAir && clause.has(Term.Act.RAISE)
                        || now.topic() == Situation.Topic.HAND);
        boolean lowers = !limb && !pronoun && !(alone && inAir) && !ofLimb && clause.takeAll(Term.Act.LOWER);
        boolean chest = clause.has(Term.Part.CHEST) && !clause.has(Term.Part.BODY);
        boolean raises = !limb && !pronoun && !ofLimb && !chest && clause.takeAll(Term.Act.RAISE);
        boolean deeper = clause.takeAll(Term.Manner.DEEPER);
        boolean higher = clause.takeAll(Term.Manner.HIGHER);
        boolean sits = !limb
                && clause.has(Term.Act.SIT)
                && (deeper || clause.has(Term.Way.DOWN) || clause.has(DepthFrame::far) && !clause.has(Term.Way.BACK))
                && clause.takeAll(Term.Act.SIT);
        boolean moves = (body || clause.has(Term.Manner.STANDING) || goesOn(clause, now))
                && (clause.has(Term.Way.DOWN) || clause.has(Term.Way.UP));
        if (!(sinks || rises || frame || lowers || raises || knees || sits || moves || higher || deeper && body)) {
            return Optional.empty();
        }
        double cost = sinks || rises ? 0 : frame ? 0.1 : (lowers || raises) && !body ? Costs.RARE : Costs.NO_VERB;
        boolean up = rises || raises || higher || moves && clause.has(Term.Way.UP);
        takeTrunk(clause);
        clause.takeAll(
                Term.Part.KNEE,
                Term.Manner.MORE,
                Term.Way.DOWN,
                Term.Way.UP,
                Term.Manner.ALL,
                Term.Manner.BENT,
                Term.Act.MOVE,
                Term.Act.HOLD,
                Term.Act.RETURN,
                Term.Manner.STRAIGHT);
        clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.BOTH);
        clause.takeItem(DepthFrame::bothLegs);
        if (frame || lowers && clause.has(Term.Measure.class)) {
            clause.takeAll(Term.Act.SHIFT);
        }
        int left = clause.find(item -> item.term() instanceof Term.Standing && item.rel() == Term.Rel.FROM);
        if (left >= 0) {
            clause.keep(left);
        }
        Fit fit = to(clause, up).costs(cost);
        onto.ifPresent(side -> fit.moves().add(new Move.Shift(Split.toward(side))));
        return Optional.of(fit);
    }

    /** Sink right, sink to the right: the weight goes there with the body. Left sinks, after a hand: that is a hand. */
    private static Optional<Side> sinksOnto(Clause clause, Situation now) {
        int sink = clause.indexOf(Term.Act.SINK);
        boolean leads = sink == 1
                && sideAt(clause, 0)
                && (now.topic() != Situation.Topic.HAND || clause.item(0).rel() != null);
        int at = sink < 0 ? -1 : sideAt(clause, sink + 1) ? sink + 1 : leads ? 0 : -1;
        if (at < 0) {
            return Optional.empty();
        }
        clause.use(at);
        return clause.item(at).who().side();
    }

    private static boolean sideAt(Clause clause, int at) {
        if (at >= clause.size()) {
            return false;
        }
        Item item = clause.item(at);
        boolean onto = item.rel() == null || item.rel() == Term.Rel.TO || item.rel() == Term.Rel.ON;
        return onto && item.bareSide() && item.who().side().isPresent();
    }

    /** Up half a fist, then down a fist: where no hand, foot or prop was spoken of, it is the body. */
    private static boolean goesOn(Clause clause, Situation now) {
        boolean ofBody = now.topic() == Situation.Topic.BODY
                || now.topic() == Situation.Topic.NOTHING
                || now.topic() == Situation.Topic.WEIGHT;
        return ofBody
                && clause.items().stream()
                        .allMatch(item -> Leftover.small(item)
                                || item.term() instanceof Term.Measure
                                || item.is(Term.Way.UP)
                                || item.is(Term.Way.DOWN));
    }

    /** The body that sinks; hips that something sinks to are another thing's goal. */
    private static void takeTrunk(Clause clause) {
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean oneHip = item.is(Term.Part.HIPS)
                    && item.whose().flatMap(Term.Who::side).isPresent();
            if (clause.open(i) && Subjects.trunk(item) && !oneHip && item.rel() != Term.Rel.TO) {
                clause.use(i);
            }
        }
    }

    /** Lean ten degrees, a quarter turn to the left: two amounts are two clauses. */
    private static boolean amountAfterComma(Clause clause) {
        int comma = clause.indexOf(Term.Mark.COMMA);
        int first = clause.find(item -> Ways.amount(item.term()).isPresent());
        return comma >= 0
                && first >= 0
                && first < comma
                && clause.items().subList(comma, clause.size()).stream()
                        .anyMatch(item -> Ways.amount(item.term()).isPresent());
    }

    /** Lean ten degrees and come back: the one is done after the other. */
    private static boolean comesBack(Clause clause) {
        int leans = clause.indexOf(Term.Act.LEAN);
        int returns = Math.max(
                Math.max(clause.indexOf(Term.Act.RETURN), clause.indexOf(Term.Act.STRAIGHTEN)),
                clause.indexOf(Term.Manner.UPRIGHT));
        return leans >= 0 && returns > leans && clause.parted(leans, returns);
    }

    private static boolean bothLegs(Item item) {
        return item.is(Term.Part.LEG) && item.rel() == null && item.both();
    }

    /** It rises: what was spoken of does, not the body. */
    private static boolean pronounBefore(Clause clause) {
        int verb = clause.find(item -> item.is(Term.Act.SINK) || item.is(Term.Act.RISE));
        return verb > 0
                && clause.near(verb, -1)
                        .filter(item -> item.bareSide() && item.who() == Term.Who.IT && item.rel() == null)
                        .isPresent();
    }

    private static Fit to(Clause clause, boolean up) {
        if (clause.takeAll(Term.Manner.STANDING)) {
            return Fit.of(new Move.ChangeDepth(new Depth.To(Length.fists(0))));
        }
        Optional<Depth.Frame> frame = clause.takeAll(Term.Manner.HIGH_FRAME)
                ? Optional.of(Depth.Frame.HIGH)
                : clause.takeAll(Term.Manner.MEDIUM_FRAME)
                        ? Optional.of(Depth.Frame.MEDIUM)
                        : clause.takeAll(Term.Manner.LOW_FRAME) ? Optional.of(Depth.Frame.LOW) : Optional.empty();
        if (frame.isPresent()) {
            return Fit.of(new Move.ChangeDepth(new Depth.ToFrame(frame.get())));
        }
        boolean absolute = clause.has(item -> far(item) && item.rel() == Term.Rel.TO);
        Optional<Length> by = clause.takeItem(DepthFrame::far)
                .map(item -> ((Term.Measure) item.term()).length())
                .or(() -> clause.takeItem(DepthFrame::aFist).map(_ -> Length.fists(1)));
        if (by.filter(length -> length.amount() < 0).isPresent()) {
            return new Fit().refuse(by.get().toString(), "depth_negative", Map.of());
        }
        if (absolute) {
            return Fit.of(new Move.ChangeDepth(new Depth.To(by.get())));
        }
        return Fit.of(new Move.ChangeDepth(up ? new Depth.Rise(by) : new Depth.Sink(by)));
    }

    /** A length that is none across: nobody sinks by the width of the shoulders. */
    private static boolean far(Item item) {
        return item.term() instanceof Term.Measure measure && !measure.wide();
    }

    /** Sink a fist: as much as one measures. */
    private static boolean aFist(Item item) {
        return item.is(Term.Part.FIST)
                && (item.rel() == null || item.rel() == Term.Rel.BESIDE)
                && item.who() == null
                && !item.many();
    }
}
