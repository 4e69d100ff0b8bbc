package app.avrel.words.reading.frame;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.HangingToes;
import app.avrel.posture.move.Kick;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** What leaves the floor and comes back to it: heels, toes, lifted knees, kicks, feet set down and stamped. */
final class AirFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> WhichFoot.foot(item)
                || item.is(Term.Act.KICK)
                || item.is(Term.Act.STAMP)
                || item.is(Term.Act.LOWER)
                || item.is(Term.Act.LAND)
                || item.is(Term.Act.RAISE)
                || item.is(Term.Act.HOVER)
                || item.is(Term.Act.PULL_BACK)
                || item.is(Term.Manner.FLAT));
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        return new Reading(clause, now).read();
    }

    /** One clause, while it is read. */
    private static final class Reading {

        private final Clause clause;
        private final Situation now;

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
        }

        Optional<Fit> read() {
            if (clause.has(item -> HandWords.hand(item) && item.rel() == null) || clause.has(Term.Part.WEIGHT)) {
                return Optional.empty();
            }
            boolean kicks = clause.has(Term.Act.KICK)
                    || clause.has(Term.Act.SWEEP) && clause.has(WhichFoot::foot)
                    || clause.has(Term.Act.PUSH)
                            && (clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == Term.Rel.WITH)
                                    || clause.has(Term.Part.HEEL)
                                            && (now.lifted().isPresent() || clause.has(Term.Manner.HEIGHT)));
            if (kicks) {
                return kick();
            }
            if (clause.takeAll(Term.Act.STAMP)) {
                return stamp();
            }
            boolean part = clause.has(WhichFoot::foot);
            boolean back = clause.has(Term.Act.PULL_BACK)
                    || part && clause.has(Term.Way.BACK) && (clause.has(Term.Act.DRAW) || clause.has(Term.Part.KNEE));
            if (back) {
                Optional<Fit> drawn = drawBack();
                if (drawn.isPresent()) {
                    return drawn;
                }
            }
            boolean up = clause.has(Term.Act.RAISE)
                    || clause.has(Term.Act.RISE)
                    || clause.has(Term.Way.UP)
                    || clause.has(Term.Act.HOVER)
                    || clause.has(item -> item.is(Term.Part.FLOOR) && item.rel() == Term.Rel.FROM);
            boolean kneeAt = clause.has(Term.Part.KNEE)
                    && clause.has(item -> Landmarks.of(item.term()).isPresent()
                                    && (item.rel() == Term.Rel.TO
                                            || item.rel() == Term.Rel.AT
                                            || item.rel() == Term.Rel.LEVEL_WITH)
                            || item.is(Term.Manner.HEIGHT));
            boolean thigh = clause.has(item -> item.is(Term.Part.FOOT))
                    && clause.has(item -> item.is(Term.Part.KNEE)
                            && item.rel() != null
                            && item.who() != null
                            && item.rel() != Term.Rel.WITH);
            boolean upper = up || kneeAt || thigh;
            if (upper && (part || now.lifted().isPresent() && clause.has(Term.Act.HOVER))) {
                return up();
            }
            return down(part);
        }

        private Optional<Fit> kick() {
            clause.takeAll(Term.Act.KICK, Term.Act.PUSH, Term.Act.MOVE, Term.Act.DO);
            boolean sweeps = clause.takeAll(Term.Act.SWEEP);
            boolean outer = clause.takeAll(Term.Manner.OUTER) || sweeps && clause.takeAll(Term.Way.OUT);
            boolean inner = clause.takeAll(Term.Manner.INNER) || sweeps && clause.takeAll(Term.Way.IN);
            Optional<Landmark> height = Landmarks.height(clause);
            boolean heel = clause.has(Term.Part.HEEL) || clause.has(Term.Part.SOLE);
            boolean instep = clause.has(Term.Part.INSTEP);
            Kick kind = outer
                    ? Kick.OUTER_SWEEP
                    : inner ? Kick.INNER_SWEEP : heel ? Kick.HEEL : instep ? Kick.TOP_OF_FOOT : Kick.TOE;
            WhichFoot.Found which = WhichFoot.of(clause, now, true);
            Optional<Side> side = which.side();
            if (side.isEmpty() || which.cost() == Costs.LIMB_UNDERSTOOD) {
                Optional<Side> bare = new Ways(clause, now).leftOrRight();
                side = bare.or(which::side);
            }
            clause.takeAll(
                    Term.Part.HEEL,
                    Term.Part.FOOT,
                    Term.Part.LEG,
                    Term.Part.SOLE,
                    Term.Part.TOES,
                    Term.Part.INSTEP,
                    Term.Manner.FIRST);
            if (!heel) {
                clause.takeAll(Term.Part.KNEE);
            }
            clause.takeAll(Term.Manner.HEIGHT, Term.Way.UP);
            Ways ways = new Ways(clause, now);
            Optional<Direction> toward = ways.of(side.orElse(Side.LEFT));
            toward = toward.filter(to -> !(to.equals(Direction.LEFT) || to.equals(Direction.RIGHT))
                    || clause.indexOf(Term.Way.SIDE) >= 0
                    || clause.items().stream().anyMatch(item -> item.bareSide() && item.rel() == Term.Rel.TO));
            clause.takeAll(Term.Way.OUT);
            Fit fit = Fit.of(new Move.Kicking(side.orElse(Side.LEFT), kind, toward, height))
                    .heading(ways.found())
                    .costs(side.isPresent() ? which.cost() : 0);
            return Optional.of(side.isPresent() ? fit : WhichFoot.ask(fit, clause));
        }

        private Optional<Fit> stamp() {
            WhichFoot.Found which = WhichFoot.of(clause, now, true);
            Side side = which.side().orElse(Side.LEFT);
            Optional<StepPlace> place = new FootPlaces(clause, now).find(side);
            clause.takeAll(Term.Part.FOOT, Term.Part.SOLE, Term.Way.DOWN, Term.Manner.FLAT);
            Fit fit = Fit.of(new Move.Stamp(side, place)).costs(which.cost());
            return Optional.of(which.side().isPresent() ? fit : WhichFoot.ask(fit, clause));
        }

        private Optional<Fit> drawBack() {
            boolean knee = clause.has(Term.Part.KNEE);
            Side subject = clause.items().stream()
                    .filter(item -> WhichFoot.foot(item) && item.who() != null)
                    .findFirst()
                    .flatMap(item -> now.foot(item.who()))
                    .or(now::lifted)
                    .orElse(null);
            boolean lifted = subject != null && now.lifted().equals(Optional.of(subject));
            boolean pulls = clause.has(Term.Act.PULL_BACK);
            if (subject == null || !(lifted || pulls && knee)) {
                return Optional.empty();
            }
            WhichFoot.Found which = WhichFoot.of(clause, now);
            clause.takeAll(
                    Term.Act.PULL_BACK,
                    Term.Act.DRAW,
                    Term.Act.MOVE,
                    Term.Act.RETURN,
                    Term.Part.FOOT,
                    Term.Part.KNEE,
                    Term.Part.LEG,
                    Term.Way.BACK,
                    Term.Way.IN,
                    Term.Act.RAISE);
            return Optional.of(Fit.of(new Move.DrawBack(subject)).costs(which.cost()));
        }

        private Optional<Fit> up() {
            boolean onlyToes = clause.has(Term.Part.FOOT) && clause.has(Term.Part.TOES) && clause.has(Term.Act.LAND);
            boolean leg = clause.has(item -> (item.is(Term.Part.FOOT)
                            || item.is(Term.Part.LEG)
                            || item.is(Term.Part.KNEE)
                            || item.is(Term.Part.THIGH))
                    && (item.rel() == null || item.rel() == Term.Rel.WITH));
            boolean heel =
                    clause.has(item -> item.is(Term.Part.HEEL) && (item.rel() == null || item.rel() == Term.Rel.OF));
            boolean toes =
                    clause.has(item -> item.is(Term.Part.TOES) && (item.rel() == null || item.rel() == Term.Rel.OF));
            boolean ball = clause.has(item -> item.is(Term.Part.BALL) && item.rel() == null);
            boolean hangs = clause.has(Term.Act.HANG)
                    || clause.has(Term.Manner.HANGING)
                    || clause.has(Term.Manner.POINTED)
                    || clause.has(Term.Manner.FLEXED);
            boolean knee = clause.has(item -> item.is(Term.Part.KNEE) && item.rel() == null);
            if (clause.has(Term.Act.STEP)
                    || clause.has(Term.Hall.class)
                    || clause.has(Term.Measure.class) && clause.has(Term.Way.FORWARD)) {
                return Optional.empty();
            }
            boolean end = !knee && (heel || toes && !hangs || ball);
            boolean wholeFoot = leg && !(heel || toes && !hangs);
            if (onlyToes || end && !wholeFoot) {
                return raise(onlyToes || heel && !toesNearer() ? FootPart.HEEL : FootPart.TOES, onlyToes);
            }
            return lift();
        }

        private void takeUp() {
            clause.takeAll(
                    Term.Act.RAISE,
                    Term.Act.RISE,
                    Term.Act.MOVE,
                    Term.Act.HOVER,
                    Term.Act.LOWER,
                    Term.Act.STAY,
                    Term.Act.PULL,
                    Term.Act.ROLL,
                    Term.Act.RETURN);
            clause.takeAll(Term.Way.UP, Term.Way.OUT, Term.Way.AWAY);
            clause.takeItem(item -> item.is(Term.Part.FLOOR));
            for (int i = 0; i < clause.size(); i++) {
                if (clause.open(i) && clause.item(i).term() instanceof Term.Measure) {
                    clause.keep(i);
                }
            }
        }

        /** Of heel and toes, whether the toes stand nearer to what says that something rises. */
        private boolean toesNearer() {
            int up = -1;
            for (int i = 0; i < clause.size(); i++) {
                Term term = clause.item(i).term();
                up = term == Term.Act.RAISE || term == Term.Act.RISE || term == Term.Way.UP ? i : up;
            }
            int toes = clause.indexOf(Term.Part.TOES);
            int heel = clause.indexOf(Term.Part.HEEL);
            return toes >= 0 && heel >= 0 && up >= 0 && Math.abs(up - toes) < Math.abs(up - heel);
        }

        private Optional<Fit> raise(FootPart part, boolean touches) {
            WhichFoot.Found which = WhichFoot.of(clause, now);
            takeUp();
            if (touches) {
                clause.takeAll(Term.Act.LAND);
            }
            clause.takeAll(Term.Part.HEEL, Term.Part.TOES, Term.Part.BALL);
            clause.takeItem(item ->
                    item.is(Term.Part.FOOT) && item.who() == null || item.rel() == Term.Rel.OF && WhichFoot.foot(item));
            if (which.both()) {
                return Optional.of(Fit.of(new Move.Raise(Side.LEFT, part), new Move.Raise(Side.RIGHT, part)));
            }
            Fit fit =
                    Fit.of(new Move.Raise(which.side().orElse(Side.LEFT), part)).costs(which.cost());
            return Optional.of(which.side().isPresent() ? fit : WhichFoot.ask(fit, clause));
        }

        private Optional<Fit> lift() {
            boolean toKnee = clause.has(item -> item.is(Term.Part.KNEE)
                    && item.rel() != null
                    && item.who() != null
                    && item.rel() != Term.Rel.WITH
                    && item.rel() != Term.Rel.OF);
            Optional<Landmark> height = toKnee ? Optional.of(Landmark.HIP) : Landmarks.height(clause);
            if (toKnee) {
                clause.takeItem(item -> item.is(Term.Part.KNEE) && item.rel() != null);
            }
            boolean thighLevel =
                    clause.has(item -> item.is(Term.Part.THIGH)) && clause.has(item -> item.is(Term.Part.FLOOR));
            WhichFoot.Found which = WhichFoot.of(clause, now);
            if (thighLevel) {
                clause.takeAll(Term.Part.THIGH, Term.Part.FLOOR, Term.Manner.HEIGHT);
                height = Optional.of(Landmark.HIP);
            }
            if (which.both()) {
                clause.useAll();
                return Optional.of(new Fit()
                        .refuse("both", "Only one foot can do that at a time: say the left or the right one.")
                        .costs(-Costs.REFUSAL + 1));
            }
            Optional<HangingToes> toes = hanging();
            takeUp();
            clause.takeAll(
                    Term.Part.KNEE,
                    Term.Part.FOOT,
                    Term.Part.LEG,
                    Term.Part.SOLE,
                    Term.Manner.HEIGHT,
                    Term.Manner.BENT,
                    Term.Way.FORWARD,
                    Term.Act.HANG,
                    Term.Part.TOES);
            Fit fit = Fit.of(new Move.Lift(which.side().orElse(Side.LEFT), height, toes))
                    .costs(which.cost());
            return Optional.of(which.side().isPresent() ? fit : WhichFoot.ask(fit, clause));
        }

        private Optional<HangingToes> hanging() {
            boolean toes = clause.has(Term.Part.TOES);
            if (clause.takeAll(Term.Manner.POINTED)) {
                clause.takeAll(Term.Way.DOWN);
                return Optional.of(HangingToes.POINTED);
            }
            if (clause.takeAll(Term.Manner.HANGING) | clause.takeAll(Term.Act.HANG)
                    || toes && clause.takeAll(Term.Way.DOWN)) {
                return Optional.of(HangingToes.HANGING);
            }
            int at = clause.indexOf(Term.Part.TOES);
            boolean up = at >= 0
                    && clause.near(at, 1).filter(next -> next.is(Term.Way.UP)).isPresent();
            return clause.takeAll(Term.Manner.FLEXED) || up ? Optional.of(HangingToes.FLEXED) : Optional.empty();
        }

        private Optional<Fit> down(boolean part) {
            boolean lowers = clause.has(Term.Act.LOWER);
            boolean lands = clause.has(Term.Act.LAND);
            boolean downward = clause.has(Term.Way.DOWN) || clause.has(Term.Manner.FLAT);
            boolean it = clause.has(item -> item.bareSide() && item.who() == Term.Who.IT);
            boolean alone = clause.has(Term.Manner.FLAT) && now.lastFoot().isPresent();
            if (!(lowers || lands || downward) || !(part || it || alone)) {
                return Optional.empty();
            }
            if (clause.has(Term.Act.STEP) && now.lifted().isEmpty() || clause.has(Term.Act.SLIDE)) {
                return Optional.empty();
            }
            int subject = clause.find(item -> WhichFoot.foot(item) && item.rel() == null);
            Term named = subject < 0 ? null : clause.item(subject).term();
            if (named == Term.Part.KNEE) {
                return Optional.empty();
            }
            WhichFoot.Found which = WhichFoot.of(clause, now);
            if (which.both()) {
                clause.takeAll(
                        Term.Act.LOWER,
                        Term.Act.LAND,
                        Term.Act.SINK,
                        Term.Act.MOVE,
                        Term.Part.HEEL,
                        Term.Part.TOES,
                        Term.Part.FOOT,
                        Term.Way.DOWN,
                        Term.Manner.FLAT);
                return Optional.of(Fit.of(
                        new Move.Lower(Side.LEFT, Contact.FLAT, Optional.empty(), Optional.empty()),
                        new Move.Lower(Side.RIGHT, Contact.FLAT, Optional.empty(), Optional.empty())));
            }
            Side side = which.side().orElse(Side.LEFT);
            return lower(side, which, named, lowers, lands);
        }

        private Optional<Fit> lower(Side side, WhichFoot.Found which, Term named, boolean lowers, boolean lands) {
            Contact standing = now.pose().foot(side).contact();
            boolean lifted = now.lifted().equals(Optional.of(side));
            clause.takeAll(
                    Term.Act.LOWER,
                    Term.Act.LAND,
                    Term.Act.SINK,
                    Term.Act.MOVE,
                    Term.Act.RETURN,
                    Term.Act.STEP,
                    Term.Way.DOWN);
            Optional<Contact> to = contact(named, standing, lifted);
            Optional<Toes> toes = new ToesReading(now, side).afterWord(clause);
            clause.takeItem(item -> item.is(Term.Part.FLOOR));
            FootPlaces places = new FootPlaces(clause, now);
            Optional<StepPlace> place = places.find(side);
            if (place.isPresent() && !lifted && !lowers) {
                return Optional.empty();
            }
            clause.takeAll(
                    Term.Part.FOOT,
                    Term.Part.LEG,
                    Term.Manner.FIRST,
                    Term.Part.TOES,
                    Term.Part.HEEL,
                    Term.Part.SOLE,
                    Term.Part.BALL);
            Fit fit = Fit.of(new Move.Lower(side, to.orElse(Contact.FLAT), place, toes))
                    .heading(places.hall())
                    .costs(which.cost() + (lifted || standing != Contact.FLAT ? 0 : 0.3) + (lowers || lands ? 0 : 0.2));
            return Optional.of(which.side().isPresent() ? fit : WhichFoot.ask(fit, clause));
        }

        private Optional<Contact> contact(Term named, Contact standing, boolean lifted) {
            if (clause.takeAll(Term.Manner.FLAT)) {
                clause.takeAll(Term.Part.BALL, Term.Part.SOLE);
                return Optional.of(Contact.FLAT);
            }
            int heel = clause.find(item ->
                    item.is(Term.Part.HEEL) && item.rel() != Term.Rel.LINE_OF && item.rel() != Term.Rel.LEVEL_WITH);
            if (heel >= 0 && named != Term.Part.HEEL || named == Term.Part.HEEL && lifted) {
                if (heel >= 0) {
                    clause.use(heel);
                }
                return Optional.of(Contact.HEEL);
            }
            if (clause.takeAll(Term.Part.BALL) || named == Term.Part.BALL && standing != Contact.BALL) {
                return Optional.of(Contact.BALL);
            }
            boolean touched =
                    named == Term.Part.TOES && clause.indexOf(Term.Act.LAND) >= 0 && clause.indexOf(Term.Act.LOWER) < 0;
            boolean toesFirst = touched || clause.has(Term.Part.TOES) && clause.has(Term.Manner.FIRST);
            return toesFirst ? Optional.of(Contact.BALL) : Optional.empty();
        }
    }
}
