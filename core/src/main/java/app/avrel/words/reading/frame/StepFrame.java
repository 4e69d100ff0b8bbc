package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.DrawnTo;
import app.avrel.posture.move.FootWay;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;

/** A foot that goes to another place: steps, slides, half steps, feet drawn in. */
final class StepFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> WhichFoot.foot(item)
                || item.bareSide()
                || item.is(Term.Act.STEP)
                || item.is(Term.Act.SLIDE)
                || item.is(Term.Act.DRAW)
                || item.is(Term.Act.HALF_STEP)
                || item.is(Term.Act.CROSS)
                || item.is(Term.Act.LAND)
                || item.is(Term.Rel.OWN_PLACE)
                || item.is(Term.Act.FOLLOW));
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        return new Reading(clause, now).read();
    }

    /** One clause, while it is read. */
    private static final class Reading {

        private final Clause clause;
        private final Situation now;
        private boolean beside;

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
        }

        Optional<Fit> read() {
            boolean part = clause.has(WhichFoot::foot);
            boolean steps = clause.take(Term.Act.STEP);
            clause.takeAll(Term.Act.STEP);
            boolean slides = clause.takeAll(Term.Act.SLIDE);
            boolean half = clause.takeAll(Term.Act.HALF_STEP)
                    | (!slanted() && clause.take(Term.Manner.HALF_STEP_LONG))
                    | halfFollows();
            boolean draws = clause.takeAll(Term.Act.DRAW);
            boolean lands = clause.takeAll(Term.Act.LAND);
            if (steps || half) {
                clause.takeAll(Term.Act.TAKE, Term.Manner.WIDE, Term.Act.DO);
            }
            boolean moves = clause.takeAll(Term.Act.MOVE, Term.Act.RETURN, Term.Act.FOLLOW, Term.Act.PULL_BACK);
            boolean closes = clause.has(Term.Act.CLOSE)
                    && part
                    && clause.has(item -> (item.bareSide() || item.is(Term.Part.FOOT))
                            && item.who() != null
                            && (item.rel() == Term.Rel.TO || item.rel() == Term.Rel.BESIDE));
            boolean opens =
                    clause.has(Term.Act.OPEN) && part && clause.has(item -> item.term() instanceof Term.Measure);
            if (closes) {
                clause.takeAll(Term.Act.CLOSE);
                clause.takeItem(item -> item.bareSide() && item.rel() == Term.Rel.TO);
                beside = true;
            }
            if (opens) {
                clause.takeAll(Term.Act.OPEN);
            }
            boolean goes = closes
                    || opens
                    || clause.has(Term.Act.CROSS)
                    || clause.has(Term.Rel.OWN_PLACE)
                            && (part || moves && (now.topic() == Situation.Topic.FOOT || clause.has(Item::bareSide)));
            boolean verb = steps || slides || half || draws || lands || goes;
            if (!part && !verb && !clause.has(Item::bareSide)) {
                return Optional.empty();
            }
            if (clause.has(Term.Part.WEIGHT) || clause.has(item -> HandWords.hand(item) && item.rel() == null)) {
                return Optional.empty();
            }
            boolean toesLand = toesLand(lands);
            if (clause.has(Term.Part.TOES)
                    && !toesLand
                    && !steps
                    && !slides
                    && !clause.has(Term.Part.FOOT)
                    && !clause.has(Term.Part.HEEL)) {
                return Optional.empty();
            }
            boolean asksTogether = clause.has(Term.Part.FOOT) && clause.has(Term.Manner.TOGETHER)
                    || clause.has(item -> item.is(Term.Part.FOOT) && item.both())
                            && (clause.has(Term.Act.CLOSE)
                                    || clause.has(
                                            item -> item.term() instanceof Term.Measure(var _, boolean wide) && wide));
            if (asksTogether) {
                clause.takeAll(Term.Act.CLOSE);
            }
            WhichFoot.Found which = WhichFoot.of(clause, now, true);
            Term subjectPart = which.at() < 0 ? null : clause.item(which.at()).term();
            boolean knee = subjectPart == Term.Part.KNEE || subjectPart == Term.Part.THIGH;
            if (knee && !steps) {
                return Optional.empty();
            }
            if (which.both() && !asksTogether) {
                return both(steps || slides || draws);
            }
            Side foot = sideOfStep(which);
            boolean bend = !part
                    && !verb
                    && !moves
                    && clause.items().stream()
                            .anyMatch(item -> Ways.amount(item.term()).isPresent()
                                    && item.rel() != Term.Rel.TO
                                    && item.rel() != Term.Rel.AT);
            if (bend) {
                return Optional.empty();
            }
            boolean onlySide = !part && !verb && clause.has(item -> item.bareSide() && item.rel() == null);
            if (onlySide) {
                return Optional.empty();
            }
            boolean known = foot != null;
            Side side = known ? foot : Side.LEFT;
            Fit fit = half
                    ? halfStep(side)
                    : draws && !clause.has(Term.Way.BACK) || ankle(steps)
                            ? drawIn(side, draws)
                            : step(side, slides, lands, subjectPart, toesLand);
            if (fit == null) {
                return Optional.empty();
            }
            boolean unnamed = !part
                    && !verb
                    && !moves
                    && now.topic() == Situation.Topic.NOTHING
                    && clause.items().stream()
                            .noneMatch(item -> item.term() instanceof Term.Hall
                                    || Ways.amount(item.term()).isPresent()
                                    || item.term() instanceof Term.Measure);
            if (unnamed) {
                return Optional.of(fit.ask(
                        clause.text(),
                        "The foot or the hand?",
                        List.of(
                                new Question.Choice("foot", clause.text() + " foot "),
                                new Question.Choice("hand", clause.text() + " hand "))));
            }
            double verbCost = verb ? 0 : moves ? 0.1 : Costs.NO_VERB;
            double limbCost = known ? which.at() < 0 && which.side().isEmpty() ? Costs.LIMB_ELIDED : which.cost() : 0;
            fit.costs(verbCost + limbCost);
            if (asksTogether && !known) {
                return Optional.of(WhichFoot.ask(new Fit(), clause).costs(fit.cost()));
            }
            return Optional.of(known ? fit : WhichFoot.ask(fit, clause));
        }

        /** Step out right: the side says both which foot and which way. */
        private Side sideOfStep(WhichFoot.Found which) {
            int bare = clause.find(item -> item.bareSide()
                    && item.who().side().isPresent()
                    && (item.rel() == null || item.rel() == Term.Rel.TO));
            boolean understood = which.side().isEmpty() || which.cost() == Costs.LIMB_UNDERSTOOD;
            if (understood && bare >= 0) {
                Side side = clause.item(bare).who().side().orElseThrow();
                boolean way = clause.has(Term.Way.FORWARD)
                        || clause.has(Term.Way.BACK)
                        || clause.has(Term.Way.ACROSS)
                        || clause.has(Term.Hall.class);
                boolean own = clause.item(bare).rel() == null;
                if (way
                        && own
                        && !clause.has(Term.Way.DIAGONAL)
                        && !clause.has(item -> Ways.amount(item.term()).isPresent())) {
                    clause.use(bare);
                }
                return side;
            }
            return which.side().orElse(null);
        }

        /** Half a step to a corner: how far is understood, and no step holds half of its own length. */
        private boolean slanted() {
            int at = clause.find(Term.Manner.HALF_STEP_LONG);
            boolean corner = clause.has(Term.Way.LEFT_FORWARD)
                    || clause.has(Term.Way.RIGHT_FORWARD)
                    || clause.has(Term.Way.LEFT_BACK)
                    || clause.has(Term.Way.RIGHT_BACK)
                    || clause.has(Term.Hall.class);
            if (at >= 0 && corner) {
                clause.keep(at);
            }
            return corner;
        }

        private boolean halfFollows() {
            boolean follows = clause.has(Term.Act.FOLLOW)
                    && (clause.has(WhichFoot::foot) || clause.has(Item::bareSide))
                    && !clause.has(Term.Part.WEIGHT);
            return follows
                    && (clause.takeItem(item -> item.term() instanceof Term.Num(double n) && n == 0.5)
                                    .isPresent()
                            || clause.items().size() <= 2);
        }

        private Optional<Fit> both(boolean goes) {
            if (!goes && !clause.has(Term.Act.RAISE)) {
                return Optional.empty();
            }
            clause.useAll();
            return Optional.of(new Fit()
                    .refuse("both", "Only one foot can do that at a time: say the left or the right one.")
                    .costs(-Costs.REFUSAL + 2));
        }

        /** Toes first; toes touch; on the toes. */
        private boolean toesLand(boolean lands) {
            for (int i = 0; i < clause.size(); i++) {
                Item item = clause.item(i);
                if (!item.is(Term.Part.TOES)) {
                    continue;
                }
                boolean touches = clause.near(i, 1)
                        .filter(next -> next.is(Term.Manner.FIRST) || next.is(Term.Act.LAND))
                        .isPresent();
                boolean before = lands
                        && clause.near(i, -1)
                                .filter(last -> last.is(Term.Manner.FIRST) || last.is(Term.Act.LAND))
                                .isPresent();
                if (touches || before || item.rel() == Term.Rel.ON) {
                    return true;
                }
            }
            return false;
        }

        private boolean ankle(boolean steps) {
            boolean at =
                    clause.has(item -> item.is(Term.Part.ANKLE) && item.rel() != null && item.rel() != Term.Rel.PAST);
            boolean hovers = clause.has(Term.Act.HOVER);
            return at && !steps && (hovers || clause.has(WhichFoot::foot) || true) && !clause.has(Term.Hall.class)
                    || hovers && at;
        }

        private Fit drawIn(Side foot, boolean draws) {
            boolean ankle = clause.takeItem(item -> item.is(Term.Part.ANKLE)).isPresent();
            clause.takeItem(item -> item.rel() != null && (WhichFoot.foot(item) || item.bareSide()));
            clause.take(Term.Ref.ITS_SIDE);
            boolean air = clause.takeAll(Term.Act.RAISE);
            boolean hovers = clause.takeAll(Term.Act.HOVER) | clause.takeAll(Term.Manner.NOT_DOWN);
            clause.takeItem(item -> item.is(Term.Part.FLOOR));
            boolean ball = clause.has(Term.Part.BALL) || clause.has(Term.Part.TOES) || clause.has(Term.Part.HEEL);
            boolean none = clause.takeAll(Term.Manner.NONE);
            clause.takeAll(
                    Term.Part.FOOT,
                    Term.Part.LEG,
                    Term.Part.HEEL,
                    Term.Part.BALL,
                    Term.Part.TOES,
                    Term.Way.IN,
                    Term.Way.UP,
                    Term.Way.DOWN,
                    Term.Manner.FIRST,
                    Term.Manner.FLAT,
                    Term.Manner.TOGETHER,
                    Term.Act.STAY,
                    Term.Way.SIDE);
            boolean hovering = hovers || none && ankle || air && ankle || !draws && ankle && !ball;
            return Fit.of(new Move.DrawIn(foot, hovering || ankle && !ball ? DrawnTo.HOVERING : DrawnTo.BALL_BESIDE));
        }

        private Fit halfStep(Side foot) {
            boolean heel =
                    clause.has(item -> item.is(Term.Part.HEEL) && (item.rel() == Term.Rel.ON || item.rel() == null))
                            && (clause.has(Term.Manner.FIRST)
                                    || clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == Term.Rel.ON));
            boolean ball = clause.has(Term.Part.BALL) || clause.has(Term.Part.TOES);
            boolean flat = clause.takeAll(Term.Manner.FLAT);
            clause.takeAll(
                    Term.Part.FOOT,
                    Term.Part.LEG,
                    Term.Part.HEEL,
                    Term.Part.BALL,
                    Term.Part.TOES,
                    Term.Manner.FIRST,
                    Term.Way.UP,
                    Term.Way.FORWARD,
                    Term.Way.BACK,
                    Term.Way.IN);
            clause.takeItem(Item::bareSide);
            clause.takeItem(item -> item.term() instanceof Term.Num(double n) && n == 0.5);
            Contact landing = flat ? Contact.FLAT : heel ? Contact.HEEL : ball ? Contact.BALL : null;
            return Fit.of(new Move.HalfStep(foot, Optional.ofNullable(landing)));
        }

        private Fit step(Side foot, boolean slides, boolean lands, Term subjectPart, boolean toesLand) {
            ToesReading reading = new ToesReading(now, foot);
            Optional<Toes> toes = toesLand ? Optional.empty() : reading.afterWord(clause);
            Optional<FootWay> way = way();
            FootPlaces places = new FootPlaces(clause, now);
            boolean up = clause.has(Term.Way.UP);
            Optional<StepPlace> place = places.find(foot)
                    .or(() -> beside
                            ? Optional.of(new StepPlace.Beside(Optional.empty(), Optional.empty()))
                            : Optional.empty());
            if (place.isEmpty() && up && slides) {
                place = Optional.empty();
            }
            boolean aligned = place.filter(
                            found -> found instanceof StepPlace.LevelWithHeel || found instanceof StepPlace.OnHeelLine)
                    .isPresent();
            Optional<Contact> landing = landing(subjectPart, aligned, toesLand, lands);
            clause.takeAll(
                    Term.Part.FOOT,
                    Term.Part.LEG,
                    Term.Manner.FIRST,
                    Term.Manner.NONE,
                    Term.Way.DOWN,
                    Term.Part.FLOOR,
                    Term.Manner.EXTENDED,
                    Term.Part.SOLE,
                    Term.Way.UP);
            clause.takeItem(item -> item.is(Term.Rel.THROUGH));
            boolean bareLength =
                    place.filter(StepPlace.LevelWithHeel.class::isInstance).isPresent()
                            && clause.items().stream()
                                    .anyMatch(item -> item.term() instanceof Term.Measure(var _, boolean wide) && !wide)
                            && clause.indexOf(Term.Act.STEP) < 0
                            && !aligns();
            if (bareLength) {
                return null;
            }
            if (place.isEmpty()) {
                if (clause.has(Term.Mark.UNKNOWN)
                        || clause.has(Term.Named.PLACE)
                        || !(subjectPart == null || subjectPart == Term.Part.FOOT || subjectPart == Term.Part.LEG)) {
                    return null;
                }
                return new Fit()
                        .refuse(
                                clause.text(),
                                "Say where the " + foot.word()
                                        + " foot goes, such as \"forward\", \"out to 1\" or \"beside" + " the "
                                        + foot.other().word() + " foot\".");
            }
            Move move = slides
                    ? new Move.Slide(foot, place.get(), landing, toes)
                    : new Move.Step(foot, place.get(), landing, toes, way);
            return Fit.of(move).heading(places.hall());
        }

        private boolean aligns() {
            return clause.items().stream()
                    .anyMatch(item ->
                            item.rel() == Term.Rel.LEVEL_WITH || item.is(Term.Way.OUT) || item.is(Term.Way.SIDE));
        }

        private Optional<FootWay> way() {
            if (clause.take(Term.Manner.BY_THE_ANKLE)) {
                return Optional.of(FootWay.BY_THE_ANKLE);
            }
            boolean leads = clause.has(item -> item.is(Term.Way.FORWARD)
                    || item.is(Term.Way.BACK)
                    || item.is(Term.Way.OUT)
                    || item.is(Term.Way.SIDE)
                    || item.term() instanceof Term.Hall
                    || item.is(Term.Way.ACROSS));
            if (leads
                    && clause.takeItem(item -> item.is(Term.Part.ANKLE) && item.rel() != null)
                            .isPresent()) {
                return Optional.of(FootWay.BY_THE_ANKLE);
            }
            if (clause.takeAll(Term.Manner.INWARD_ARC)) {
                return Optional.of(FootWay.INWARD_ARC);
            }
            if (clause.takeAll(Term.Manner.OUTWARD_ARC, Term.Manner.ARC)) {
                return Optional.of(FootWay.OUTWARD_ARC);
            }
            return clause.takeAll(Term.Manner.STRAIGHT) ? Optional.of(FootWay.STRAIGHT) : Optional.empty();
        }

        private int subjectHeel() {
            for (int i = 0; i < clause.size(); i++) {
                if (clause.item(i).is(Term.Part.HEEL) && clause.item(i).rel() == null) {
                    return i;
                }
            }
            return -1;
        }

        private Optional<Contact> landing(Term subject, boolean aligned, boolean toesLand, boolean lands) {
            if (clause.takeAll(Term.Manner.FLAT)) {
                return Optional.of(Contact.FLAT);
            }
            if (clause.takeAll(Term.Manner.NOT_DOWN)) {
                return Optional.of(Contact.LIFTED);
            }
            int heel = subject == Term.Part.HEEL
                    ? subjectHeel()
                    : clause.find(item -> item.is(Term.Part.HEEL)
                            && item.rel() != Term.Rel.LEVEL_WITH
                            && item.rel() != Term.Rel.LINE_OF);
            boolean touches = heel >= 0
                    && clause.near(heel, 1)
                            .filter(next -> next.is(Term.Manner.FIRST) || next.is(Term.Act.LAND))
                            .isPresent();
            if (aligned && heel >= 0 && !touches) {
                clause.takeAll(Term.Part.HEEL);
                heel = -1;
            }
            if (heel >= 0) {
                boolean raised = !(subject == Term.Part.HEEL && clause.has(Term.Act.RAISE))
                        && clause.near(heel, 1)
                                .filter(next ->
                                        next.is(Term.Way.UP) || next.is(Term.Act.RAISE) || next.is(Term.Act.STAY))
                                .isPresent();
                clause.takeAll(Term.Part.HEEL);
                if (raised) {
                    clause.takeAll(Term.Way.UP, Term.Act.RAISE, Term.Act.STAY);
                }
                return Optional.of(raised ? Contact.BALL : Contact.HEEL);
            }
            if (subject == Term.Part.BALL || clause.takeAll(Term.Part.BALL)) {
                return Optional.of(Contact.BALL);
            }
            if (toesLand) {
                clause.takeAll(Term.Part.TOES);
                return Optional.of(Contact.BALL);
            }
            return Optional.empty();
        }
    }
}
