package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Prop;
import app.avrel.posture.hand.PropAct;
import app.avrel.posture.hand.PropRest;
import app.avrel.posture.hand.Sideways;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What is done with a prop. */
final class PropFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> PropWords.thing(item) || item.is(Term.Part.TOES) || PropWords.it(item));
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        return new Reading(clause, now).read();
    }

    /** One clause, while it is read. */
    private static final class Reading {

        private final Clause clause;
        private final Situation now;
        private final PropPoints pointing;
        private final boolean spokenOf;
        private final boolean tip;

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
            this.pointing = new PropPoints(clause, now);
            this.spokenOf = now.topic() == Situation.Topic.PROP;
            this.tip = spokenOf && clause.has(item -> item.is(Term.Part.TOES) && item.who() == null && !item.many());
        }

        Optional<Fit> read() {
            boolean thing = goesOn() | clause.has(PropWords::thing);
            if (PropBorders.within(clause)) {
                return Optional.empty();
            }
            if (PropBorders.touchesHand(clause)) {
                clause.useAll();
                return Optional.of(new Fit().noted().holds("what the tip touches"));
            }
            boolean aims = clause.has(Term.Part.TIP) || thing && clause.has(Term.Act.POINT);
            boolean stood = clause.has(item -> PropWords.prop(item).isPresent())
                    && (clause.said(Term.Act.LAND) || clause.said(Term.Act.LAY));
            boolean foot = clause.has(item -> PropWords.foot(item)
                    && !height(item)
                    && !(stood && item.rel() == Term.Rel.BESIDE)
                    && (item.rel() == null || !aims && Landmarks.of(item.term()).isEmpty()));
            if (foot && !tip || !thing && !tip || PropBorders.ofOthers(clause, now)) {
                return Optional.empty();
            }
            return Optional.of(handled(aims));
        }

        /** At knee height: that is no knee. */
        private boolean height(Item item) {
            return clause.near(clause.items().indexOf(item), 1)
                    .filter(next -> next.is(Term.Manner.HEIGHT))
                    .isPresent();
        }

        /** Open it; pointing to the corner: the prop that was spoken of. */
        private boolean goesOn() {
            return spokenOf
                    && (clause.has(Term.Act.POINT)
                            || clause.has(Term.Act.OPEN)
                            || clause.has(Term.Act.CLOSE)
                            || clause.has(Term.Act.TAKE))
                    && (clause.takeItem(PropWords::it).isPresent() || onlyAims());
        }

        /** The fan opens, pointing to the left front corner: it is what was spoken of that points there. */
        private boolean onlyAims() {
            return clause.items().stream()
                    .allMatch(item -> item.is(Term.Act.POINT)
                            || item.is(Term.Act.FACE)
                            || item.term() instanceof Term.Hall
                            || item.term() instanceof Term.Way
                            || item.term() instanceof Term.Num && item.rel() == Term.Rel.TO
                            || Leftover.small(item));
        }

        private Fit handled(boolean aims) {
            boolean verb = clause.has(item -> item.term() instanceof Term.Act);
            Optional<Item> named = clause.takeItem(item -> PropWords.prop(item).isPresent());
            boolean tipNamed = tip | clause.takeAll(Term.Part.TIP);
            clause.takeAll(Term.Part.PROP);
            if (tip) {
                clause.take(Term.Part.TOES);
            }
            Optional<Prop> prop = named.flatMap(PropWords::prop)
                    .or(() -> clause.takeItem(item -> PropWords.prop(item).isPresent())
                            .flatMap(PropWords::prop));
            boolean touches = tipNamed && clause.has(item -> item.is(Term.Part.FLOOR) && item.rel() == Term.Rel.ON)
                    || clause.has(Term.Act.LAND) && clause.indexOf(Term.Part.TIP) >= 0;
            PropAct act = act();
            Optional<Item> forearm = clause.takeItem(item ->
                    (item.is(Term.Part.FOREARM) || item.is(Term.Part.ARM)) && (item.rel() != null || meets(item)));
            Optional<Side> doing = new PropHands(clause, now).doing(act);
            if (aims) {
                keepAims();
            }
            keepBesideFoot();
            Optional<PropRest> lies = PropRests.lies(clause);
            if (touches) {
                clause.takeItem(item -> item.is(Term.Part.FLOOR));
            }
            Optional<Direction> leaning = pointing.leaning();
            Optional<Pointing> points = pointing.read(tipNamed || swung(act) && lies.isEmpty());
            points = touches && !stands() ? points.or(() -> Optional.of(Pointing.DOWN)) : points;
            Optional<Direction> toward = leaning.or(pointing::toward);
            Optional<Side> opened = opensTo(act);
            boolean aside = PropRests.aside(clause);
            takeSmall(tipNamed);
            Optional<Item> held = held();
            takeOrigin(act, points.isPresent());
            Side by = doing.or(() -> named.flatMap(Item::whose).flatMap(now::hand))
                    .or(now::holder)
                    .or(() ->
                            forearm.flatMap(Item::whose).flatMap(Term.Who::side).map(Side::other))
                    .orElse(Side.RIGHT);
            Optional<PropRest> rests = lies.or(() -> PropRests.on(forearm, by, touches, aside));
            Move handled = new Move.HandleProp(by, act, prop, points, toward, rests);
            HandPlace place = placed(held, opened, by);
            Fit fit = place.equals(HandPlace.UNSAID)
                    ? Fit.of(handled)
                    : Fit.of(handled, new Move.PlaceHand(by, place, Optional.empty()));
            return fit.costs(verb ? 0 : Costs.NO_VERB);
        }

        /** 贴右前臂: what it comes to lie against. */
        private boolean meets(Item arm) {
            return clause.near(clause.items().indexOf(arm), -1)
                    .filter(verb -> verb.is(Term.Act.MEET) || verb.is(Term.Act.LAND))
                    .isPresent();
        }

        /** The staff upright at the right side, its tip on the floor: it was just told which way it points. */
        private boolean stands() {
            return now.last()
                    .filter(move -> move instanceof Move.HandleProp handled
                            && handled.points().equals(Optional.of(Pointing.UP)))
                    .isPresent();
        }

        /** What is done; a height beside it is where the hand is, and not drawn. */
        private PropAct act() {
            boolean away = clause.indexOf(Term.Act.MOVE) >= 0 && clause.take(Term.Way.AWAY);
            PropAct said = said();
            PropAct act = away ? PropAct.PUT_AWAY : said;
            if ((act == PropAct.OPEN || act == PropAct.CLOSE)
                    && clause.has(item -> Landmarks.of(item.term()).isPresent())) {
                clause.takeAll(Term.Act.DRAW);
            }
            return act;
        }

        private boolean swung(PropAct act) {
            return act == PropAct.TURN
                    && !clause.said(Term.Act.STAY)
                    && !clause.said(Term.Act.HOLD)
                    && !clause.said(Term.Act.HANG);
        }

        private void takeSmall(boolean tipNamed) {
            clause.takeAll(
                    Term.Part.HAND,
                    Term.Part.PALM,
                    Term.Manner.UPRIGHT,
                    Term.Way.UP,
                    Term.Way.ROUND,
                    Term.Act.MOVE,
                    Term.Act.STAY,
                    Term.Act.RISE);
            if (tipNamed) {
                keepHeights();
            }
        }

        /** Where the hand is that holds it, as it is said. */
        private Optional<Item> held() {
            Optional<Item> held = clause.takeItem(item -> beforeBody(item)
                    || Landmarks.of(item.term()).isPresent()
                            && !item.is(Term.Part.FLOOR)
                            && (item.is(Term.Part.ABOVE_HEAD)
                                    || item.is(Term.Part.SHOULDER) && item.rel() == Term.Rel.ON
                                    || item.rel() == Term.Rel.TO
                                    || item.rel() == Term.Rel.AT
                                    || item.rel() == Term.Rel.BEFORE
                                    || item.rel() == Term.Rel.BESIDE));
            held.ifPresent(this::takeHeight);
            return held;
        }

        /** At chest height; a level staff in front of the chest is level itself, which no record holds. */
        private void takeHeight(Item place) {
            int at = clause.items().indexOf(place);
            boolean apart = place.rel() == Term.Rel.BEFORE || place.rel() == Term.Rel.BESIDE;
            for (int i = 0; i < clause.size(); i++) {
                if (clause.open(i) && clause.item(i).is(Term.Manner.HEIGHT)) {
                    if (apart && i < at) {
                        clause.keep(i);
                    } else {
                        clause.use(i);
                    }
                }
            }
        }

        /** In front of the body: no height of it is named, only that the hand is before it. */
        private static boolean beforeBody(Item item) {
            return item.is(Term.Part.BODY) && item.rel() == Term.Rel.BEFORE;
        }

        /** From the hip; a cut that points somewhere says no more than that. */
        private void takeOrigin(PropAct act, boolean points) {
            clause.takeItem(item -> Landmarks.of(item.term()).isPresent() && item.rel() == Term.Rel.FROM);
            if (act == PropAct.TURN && points) {
                clause.takeAll(Term.Act.SWEEP);
            }
        }

        private PropAct said() {
            PropAct found = null;
            for (int i = 0; i < clause.size(); i++) {
                if (!clause.open(i) || !(clause.item(i).term() instanceof Term.Act act)) {
                    continue;
                }
                boolean keptSo = act == Term.Act.HOLD && (clause.said(Term.Act.CLOSE) || clause.said(Term.Act.OPEN));
                if (keptSo) {
                    clause.use(i);
                    continue;
                }
                PropAct done = of(act);
                if (done != null && act != Term.Act.DRAW && act != Term.Act.PULL && act != Term.Act.SWEEP) {
                    clause.use(i);
                    found = found == null || found == PropAct.TURN ? done : found;
                }
            }
            boolean given = clause.has(item -> item.is(Term.Part.HAND) && PropHands.takes(clause, item));
            return found != null ? found : given ? PropAct.PASS : PropAct.TURN;
        }

        private @Nullable PropAct of(Term.Act act) {
            return switch (act) {
                case TAKE, RAISE -> PropAct.TAKE;
                case OPEN, SPREAD -> PropAct.OPEN;
                case CLOSE -> PropAct.CLOSE;
                case PASS -> PropAct.PASS;
                case PUT_AWAY -> PropAct.PUT_AWAY;
                case MOVE ->
                    clause.has(item -> PropHands.takes(clause, item)) && !clause.said(Term.Part.TIP)
                            ? PropAct.PASS
                            : PropAct.TURN;
                case HOLD -> now.pose().prop().isEmpty() ? PropAct.TAKE : PropAct.TURN;
                case LAND, MEET, TURN, POINT, FACE, LOOK, LAY, LOWER, SINK, PULL -> PropAct.TURN;
                case PULL_BACK, DRAW, SWEEP, STAY, FORM, RETURN, PUSH, PRESS -> PropAct.TURN;
                default -> null;
            };
        }

        /** Plant the staff beside the right foot: the record holds that it stands on the floor, and not where. */
        private void keepBesideFoot() {
            for (int i = 0; i < clause.size(); i++) {
                Item item = clause.item(i);
                if (clause.open(i) && PropWords.foot(item) && item.rel() == Term.Rel.BESIDE) {
                    clause.keep(i);
                }
            }
        }

        /** The tip points at a foot, a knee: the record holds which way a prop points, not at what. */
        private void keepAims() {
            for (int i = 0; i < clause.size(); i++) {
                Item item = clause.item(i);
                if (clause.open(i)
                        && item.rel() != null
                        && !height(item)
                        && (PropWords.foot(item) || item.is(Term.Part.KNEE))) {
                    clause.keep(i);
                }
            }
        }

        /** Where the tip of a prop is has no place in the record: it is kept as it was said. */
        private void keepHeights() {
            for (int i = 0; i < clause.size(); i++) {
                Item item = clause.item(i);
                boolean height =
                        Landmarks.of(item.term()).isPresent() && !item.is(Term.Part.FLOOR) && item.rel() != null;
                if (clause.open(i) && (height || item.is(Term.Manner.HEIGHT))) {
                    clause.keep(i);
                }
            }
        }

        /** Snap the fan open to the right: the arm goes there, and nothing rests at that side. */
        private Optional<Side> opensTo(PropAct act) {
            boolean opens = act == PropAct.OPEN || act == PropAct.CLOSE;
            return !opens
                    ? Optional.empty()
                    : clause.takeItem(item -> item.bareSide()
                                    && item.rel() == Term.Rel.TO
                                    && clause.near(clause.items().indexOf(item), 1)
                                            .filter(next -> next.is(Term.Way.SIDE))
                                            .isEmpty())
                            .flatMap(Item::whose)
                            .flatMap(Term.Who::side);
        }

        /** Where the hand is that holds it. */
        private static HandPlace placed(Optional<Item> held, Optional<Side> opened, Side hand) {
            HandPlace place = held.map(item -> at(item, hand)).orElse(HandPlace.UNSAID);
            return opened.map(side ->
                            place.withSideways(new Sideways.Toward(new Direction.OfBody(new Turn(90 * side.sign())))))
                    .orElse(place);
        }

        private static HandPlace at(Item item, Side hand) {
            HandPlace place = HandPlace.UNSAID.withHeight(Landmarks.of(item.term()));
            Optional<Side> whose = item.whose().flatMap(Term.Who::side);
            if (whose.isPresent()) {
                return place.withSideways(whose.get() == hand ? Sideways.OWN_SIDE : Sideways.OTHER_SIDE);
            }
            return item.rel() == Term.Rel.BEFORE ? place.withSideways(Sideways.CENTRE) : place;
        }
    }
}
