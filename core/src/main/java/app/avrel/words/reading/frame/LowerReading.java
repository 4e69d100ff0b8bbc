package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What comes down: a lifted foot to its place, a heel, the toes. */
final class LowerReading {

    /** Behind the right heel, level with it: that is where the foot comes down, and not on what. */
    private static final List<Term.Rel> ELSEWHERE =
            List.of(Term.Rel.LINE_OF, Term.Rel.LEVEL_WITH, Term.Rel.BEHIND, Term.Rel.BESIDE, Term.Rel.BEFORE);

    private final Clause clause;
    private final Situation now;

    LowerReading(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    Optional<Fit> down(boolean part) {
        boolean lowers = clause.has(Term.Act.LOWER);
        boolean lands = clause.has(Term.Act.LAND);
        boolean downward = clause.has(Term.Way.DOWN) || clause.has(Term.Manner.FLAT);
        boolean it = clause.has(item -> item.bareSide() && item.who() == Term.Who.IT);
        boolean alone = clause.has(Term.Manner.FLAT) && now.lastFoot().isPresent();
        boolean raised = now.raised().isPresent();
        boolean them = raised && now.bothFeet() && clause.has(Term.Ref.THEM);
        boolean only =
                clause.size() == 1 && (lowers || clause.has(Term.Way.DOWN) && now.topic() == Situation.Topic.FOOT);
        boolean back = lowers && clause.has(Term.Rel.OWN_PLACE) && now.lifted().isPresent();
        boolean there =
                lowers && now.lifted().isPresent() && now.topic() == Situation.Topic.FOOT && FootPlaces.said(clause);
        boolean hanging = only && (now.lifted().isPresent() || raised) || them || back || there;
        if (!(lowers || lands || downward) || !(part || it || alone || hanging)) {
            return Optional.empty();
        }
        boolean onto = clause.has(item -> item.is(Term.Part.LEG) && item.rel() == Term.Rel.ON);
        if (onto || clause.has(Term.Act.STEP) && now.lifted().isEmpty() || clause.has(Term.Act.SLIDE)) {
            return Optional.empty();
        }
        boolean above =
                clause.has(item -> item.rel() == Term.Rel.TO && (item.is(Term.Part.HIPS) || item.is(Term.Part.WAIST)));
        if (ballThenHeel() || above) {
            return Optional.empty();
        }
        int sinks = clause.find(Term.Act.SINK);
        if (sinks >= 0 && sinks + 1 < clause.size() && clause.item(sinks + 1).soft()) {
            return Optional.empty();
        }
        int subject = endsOnToes() ? -1 : clause.find(item -> WhichFoot.foot(item) && item.rel() == null);
        Term named = subject < 0 ? null : clause.item(subject).term();
        if (named == Term.Part.KNEE) {
            return Optional.empty();
        }
        WhichFoot.Found which = WhichFoot.of(clause, now);
        boolean heelDown =
                named == Term.Part.HEEL && lands && !lowers && now.raised().equals(Optional.of(FootPart.TOES));
        if (named == Term.Part.HEEL && !lowers && !lands && turnedOnIt(which)) {
            clause.takeAll(Term.Way.DOWN, Term.Manner.FLAT);
            return Optional.of(new Fit().holds("the feet stay").costs(which.cost()));
        }
        if (heelDown && which.side().equals(now.lastFoot())) {
            clause.takeAll(Term.Act.LAND, Term.Part.HEEL);
            return Optional.of(new Fit().holds("the feet stay").costs(which.cost()));
        }
        if (stays(which)) {
            return Optional.of(new Fit().holds("the feet stay").costs(which.cost()));
        }
        if (which.both() && !raised && clause.take(Term.Act.STAY)) {
            clause.takeAll(Term.Part.FOOT, Term.Part.HEEL, Term.Part.SOLE, Term.Manner.FLAT, Term.Way.DOWN);
            return Optional.of(new Fit().holds("the feet stay"));
        }
        if (which.both() || (hanging || it) && raised && now.bothFeet()) {
            clause.takeAll(
                    Term.Ref.THEM,
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

    /** Ball first, heel down: how a step lands, and after it what comes down. */
    private boolean ballThenHeel() {
        int first = clause.find(Term.Manner.FIRST);
        int heel = clause.find(item -> item.is(Term.Part.HEEL) && item.rel() == null);
        return first > 0
                && (clause.item(first - 1).is(Term.Part.BALL)
                        || clause.item(first - 1).is(Term.Part.TOES))
                && heel > first
                && clause.parted(first, heel);
    }

    /** Turn the foot out, keeping the heel down: the heel that one has turned on is down. */
    private boolean turnedOnIt(WhichFoot.Found which) {
        return now.raised().isEmpty()
                && now.last()
                        .filter(move -> move instanceof Move.TurnFoot turned
                                && turned.on() == Pivot.HEEL
                                && which.side().equals(Optional.of(turned.foot()))
                                && now.pose().foot(turned.foot()).contact() == Contact.FLAT)
                        .isPresent();
    }

    /** Keep the left heel down: where it is down, nothing moves. */
    private boolean stays(WhichFoot.Found which) {
        boolean flat = which.side()
                .filter(side -> now.pose().foot(side).contact() == Contact.FLAT)
                .isPresent();
        boolean down = clause.has(Term.Way.DOWN) || clause.has(Term.Manner.FLAT) || clause.has(Term.Part.FLOOR);
        return flat
                && down
                && clause.takeAll(Term.Act.STAY)
                && clause.takeAll(Term.Way.DOWN, Term.Manner.FLAT, Term.Part.FLOOR);
    }

    /** Set it down beside the right foot, toes only: the last word tells how it comes down. */
    private boolean endsOnToes() {
        int last = clause.size() - 1;
        return last > 0
                && clause.item(last).is(Term.Part.TOES)
                && (clause.item(last).rel() == Term.Rel.ON
                        || clause.item(last).rel() == null
                                && clause.item(last - 1).soft());
    }

    private Optional<Fit> lower(Side side, WhichFoot.Found which, @Nullable Term named, boolean lowers, boolean lands) {
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
        if (clause.has(Term.Manner.FLAT)) {
            clause.takeAll(Term.Act.TURN);
        }
        Optional<Contact> to = contact(side, named, standing, lifted);
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

    /** Touch with the left ball: that part of the foot does. */
    private boolean with(Term part) {
        return clause.items().stream().anyMatch(item -> item.is(part) && item.rel() == Term.Rel.WITH);
    }

    private Optional<Contact> contact(Side side, Term named, Contact standing, boolean lifted) {
        if (clause.takeAll(Term.Manner.TOES_FIRST)) {
            return Optional.of(Contact.BALL);
        }
        if (clause.takeAll(Term.Manner.HEEL_FIRST)) {
            return Optional.of(Contact.HEEL);
        }
        if (clause.takeAll(Term.Manner.FLAT)) {
            clause.takeAll(Term.Part.BALL, Term.Part.SOLE);
            return Optional.of(Contact.FLAT);
        }
        int heel =
                clause.find(item -> item.is(Term.Part.HEEL) && (item.rel() == null || !ELSEWHERE.contains(item.rel())));
        boolean first = clause.has(Term.Manner.FIRST);
        boolean ahead = named == Term.Part.HEEL
                && (clause.has(Term.Hall.class) || clause.has(Term.Way.FORWARD) && clause.has(Term.Measure.class));
        boolean touches = named == Term.Part.HEEL
                && standing == Contact.FLAT
                && clause.said(Term.Act.LAND)
                && !clause.said(Term.Act.LOWER)
                && !clause.said(Term.Way.DOWN);
        boolean stepped = standing == Contact.FLAT
                && clause.said(Term.Act.MOVE)
                && now.topic() == Situation.Topic.FOOT
                && now.lastFoot().equals(Optional.of(side))
                && !now.raised().isPresent();
        if (with(Term.Part.HEEL)
                || heel >= 0 && named != Term.Part.HEEL
                || named == Term.Part.HEEL && (lifted || first || touches || ahead || stepped)) {
            if (heel >= 0) {
                clause.use(heel);
            }
            return Optional.of(Contact.HEEL);
        }
        if (clause.takeAll(Term.Part.BALL)
                || with(Term.Part.BALL)
                || named == Term.Part.BALL && standing != Contact.BALL) {
            return Optional.of(Contact.BALL);
        }
        boolean floor = named == null && clause.said(Term.Part.FLOOR) && !clause.said(Term.Act.LOWER);
        if (floor && clause.said(Term.Part.HEEL)) {
            return Optional.of(Contact.HEEL);
        }
        boolean toes = named == Term.Part.TOES || with(Term.Part.TOES) || floor && clause.said(Term.Part.TOES);
        boolean touched = toes && clause.indexOf(Term.Act.LAND) >= 0 && clause.indexOf(Term.Act.LOWER) < 0;
        boolean toesFirst = touched || endsOnToes() || clause.has(Term.Part.TOES) && clause.has(Term.Manner.FIRST);
        return toesFirst ? Optional.of(Contact.BALL) : Optional.empty();
    }
}
