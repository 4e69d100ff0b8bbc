package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.Map;
import java.util.Optional;

/** What the eyes do. */
final class GazeFrame implements Frame {

    /** Where the eyes are that look over a shoulder: behind it, on the diagonal. */
    private static final double OVER_SHOULDER = 135;

    @Override
    public boolean may(Clause clause) {
        boolean faces = clause.said(Term.Act.FACE) && (clause.said(Term.Way.UP) || clause.said(Term.Way.DOWN));
        return faces
                || BackAgain.said(clause)
                || clause.has(item -> item.is(Term.Act.LOOK)
                        || item.is(Term.Part.EYES)
                        || item.is(Term.Part.HEAD)
                        || item.is(Term.Manner.WIDE_VIEW)
                        || item.is(Term.Way.FORWARD)
                        || item.bareSide() && item.who() == Term.Who.FRONT);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        int eyes = clause.find(item -> item.is(Term.Part.EYES) && (item.rel() == null || item.rel() == Term.Rel.WITH)
                || item.is(Term.Part.HEAD) && item.rel() == null);
        eyes = HandWords.raisedTo(clause, eyes) ? -1 : eyes;
        int looks = clause.find(Term.Act.LOOK);
        boolean wide = clause.has(Term.Manner.WIDE_VIEW);
        if (eyes < 0 && looks < 0 && back(clause, now)) {
            clause.useAll();
            return Optional.of(Fit.of(new Move.Look(Gaze.AHEAD)).costs(Costs.LIMB_ELIDED));
        }
        if (eyes < 0 && looks < 0 && now.topic() == Situation.Topic.EYES && BackAgain.said(clause)) {
            clause.takeAll(Term.Way.BACK, Term.Act.RETURN);
            return direction(clause, now, Costs.LIMB_ELIDED);
        }
        if (upOrDown(clause, now)) {
            clause.useAll();
            return Optional.of(new Fit().noted().holds("how high the eyes look"));
        }
        if (turnsFirst(clause, eyes >= 0 ? eyes : looks)) {
            return Optional.empty();
        }
        if (eyes < 0 && looks < 0 && !wide || eyes < 0 && subjectBefore(clause, looks, now)) {
            return Optional.empty();
        }
        boolean head = clause.has(Term.Part.HEAD) && !clause.has(Term.Act.TURN) && looks < 0;
        if (head) {
            return Optional.empty();
        }
        movesIt(clause, eyes >= 0 ? eyes : looks);
        clause.takeAll(
                Term.Act.LOOK,
                Term.Part.EYES,
                Term.Part.HEAD,
                Term.Act.MOVE,
                Term.Act.TURN,
                Term.Act.FOLLOW,
                Term.Act.STAY,
                Term.Act.FACE,
                Term.Act.POINT,
                Term.Act.LAND,
                Term.Act.RETURN,
                Term.Way.OUT,
                Term.Way.ROUND);
        double cost = looks < 0 ? Costs.NO_VERB : 0;
        boolean past = clause.take(Term.Rel.PAST) || clause.has(item -> item.rel() == Term.Rel.PAST);
        Optional<Side> shoulder = clause.takeItem(item ->
                        item.is(Term.Part.SHOULDER) && (item.rel() == Term.Rel.OVER || item.rel() == Term.Rel.PAST))
                .flatMap(item -> item.whose().or(() -> bareSide(clause)).flatMap(now::hand));
        if (shoulder.isPresent()) {
            clause.takeAll(Term.Way.BACK, Term.Act.RETURN);
            return toward(Direction.wrapping(shoulder.get().sign() * OVER_SHOULDER), cost);
        }
        Optional<Item> seen = seen(clause);
        if (seen.isPresent()) {
            return Optional.of(atProp(clause, seen.get(), now).costs(cost));
        }
        Optional<Item> hand = clause.takeItem(item -> HandWords.hand(item) || HandWords.shaped(item));
        if (hand.isPresent()) {
            Optional<Side> side = hand.get().whose().flatMap(now::hand).or(now::lastHand);
            boolean beyond = clause.takeAll(Term.Way.FORWARD) && hand.get().is(Term.Part.FINGERTIPS);
            if (side.isPresent()) {
                clause.takeItem(way -> (way.is(Term.Way.UP) || way.is(Term.Way.DOWN))
                        && clause.near(clause.items().indexOf(way), -1)
                                .filter(act -> act.is(Term.Act.LOOK))
                                .isPresent());
                Gaze.AtHand.Aim aim = past || beyond ? Gaze.AtHand.Aim.PAST : Gaze.AtHand.Aim.AT;
                Fit at = Fit.of(new Move.Look(new Gaze.AtHand(side.get(), aim))).costs(cost);
                return Optional.of(clause.indexOf(Term.Act.FOLLOW) < 0 ? at : leads(clause, at, side.get()));
            }
        }
        Optional<Side> it = clause.takeItem(item -> item.bareSide()
                        && (item.who() == Term.Who.IT || item.who() == Term.Who.OTHER)
                        && now.lastHand().isPresent())
                .flatMap(item -> now.hand(item.who()));
        if (it.isPresent()) {
            return Optional.of(Fit.of(new Move.Look(new Gaze.AtHand(it.get(), Gaze.AtHand.Aim.AT)))
                    .costs(cost));
        }
        boolean follows = clause.indexOf(Term.Act.FOLLOW) >= 0
                && !clause.has(
                        item -> item.term() instanceof Term.Hall || item.term() instanceof Term.Way || item.bareSide());
        Optional<Gaze> followed = follows ? followed(now) : Optional.empty();
        if (followed.isPresent()) {
            return Optional.of(Fit.of(new Move.Look(followed.get())).costs(cost));
        }
        return direction(clause, now, cost);
    }

    /** The eyes follow the right hand up to the brow: the hand goes there, and they with it. */
    private static Fit leads(Clause clause, Fit looks, Side hand) {
        clause.takeItem(item ->
                        item.rel() == Term.Rel.TO && Landmarks.of(item.term()).isPresent())
                .flatMap(item -> Landmarks.of(item.term()))
                .ifPresent(height -> {
                    clause.takeAll(Term.Way.UP, Term.Way.DOWN);
                    looks.moves().add(new Move.PlaceHand(hand, HandPlace.UNSAID.withHeight(height), Optional.empty()));
                });
        return looks;
    }

    /** What the eyes follow that are said to go along: the body that turned last, else the hand that moved last. */
    private static Optional<Gaze> followed(Situation now) {
        return now.topic() == Situation.Topic.TURN || now.topic() == Situation.Topic.BODY
                ? Optional.of(Gaze.AHEAD)
                : now.lastHand().map(hand -> new Gaze.AtHand(hand, Gaze.AtHand.Aim.AT));
    }

    /** Turn to 9, but the eyes stay to the front: the hour is of the turn. */
    private static boolean turnsFirst(Clause clause, int gaze) {
        int turn = clause.find(Term.Act.TURN);
        return turn >= 0 && turn < gaze && clause.parted(turn, gaze);
    }

    /** Lower the eyes, let the gaze drop: the verb beside it is of the eyes, and not of the body. */
    private static void movesIt(Clause clause, int gaze) {
        for (int beside : new int[] {gaze - 1, gaze + 1}) {
            boolean moves = gaze >= 0
                    && beside >= 0
                    && beside < clause.size()
                    && (clause.item(beside).is(Term.Act.LOWER)
                            || clause.item(beside).is(Term.Act.RAISE));
            if (moves) {
                clause.use(beside);
            }
        }
    }

    /** Look left over the shoulder. */
    private static Optional<Term.Who> bareSide(Clause clause) {
        return clause.takeItem(item -> item.bareSide() && item.who().side().isPresent())
                .map(Item::who);
    }

    /** Look at the tip of the sword: the prop, or its end, at which the eyes look. */
    static Optional<Item> seen(Clause clause) {
        int looks = clause.indexOf(Term.Act.LOOK);
        int from = looks >= 0 ? looks : clause.indexOf(Term.Part.EYES);
        for (int i = from + 1; from >= 0 && i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean tip = item.is(Term.Part.TIP) || item.prop();
            boolean apart = i > 0 && clause.item(i - 1).soft();
            if (tip
                    && !apart
                    && clause.items().subList(0, from).stream()
                            .allMatch(before -> before.bareSide() || Leftover.small(before))) {
                return Optional.of(item);
            }
        }
        return Optional.empty();
    }

    /** The tip is beyond the hand that holds the prop. */
    private static Fit atProp(Clause clause, Item seen, Situation now) {
        Side holds = now.holder().orElse(Side.RIGHT);
        boolean tip = seen.is(Term.Part.TIP);
        clause.takeItem(item -> item == seen);
        clause.takeAll(Term.Part.TIP, Term.Part.PROP, Term.Rel.PAST);
        clause.takeItem(Item::prop);
        return Fit.of(new Move.Look(new Gaze.AtHand(holds, tip ? Gaze.AtHand.Aim.PAST : Gaze.AtHand.Aim.AT)));
    }

    /** Look at the hand, then back to the front: the eyes go on. */
    private static boolean back(Clause clause, Situation now) {
        return now.topic() == Situation.Topic.EYES
                && clause.has(item -> item.is(Term.Way.FORWARD) || item.bareSide() && item.who() == Term.Who.FRONT)
                && clause.items().stream()
                        .allMatch(item -> Leftover.small(item)
                                || item.is(Term.Act.RETURN)
                                || item.is(Term.Way.BACK)
                                || item.is(Term.Way.FORWARD)
                                || item.bareSide() && item.who() == Term.Who.FRONT);
    }

    /** "The left palm looks at": something else looks. */
    private static boolean subjectBefore(Clause clause, int looks, Situation now) {
        for (int i = 0; i < looks; i++) {
            Item item = clause.item(i);
            boolean elided = item.bareSide() && now.topic() == Situation.Topic.HAND;
            boolean tip = item.is(Term.Part.TIP)
                    || item.is(Term.Part.BODY)
                    || item.is(Term.Part.WAIST)
                    || item.is(Term.Part.HIPS)
                    || item.is(Term.Part.CHEST);
            if ((HandWords.hand(item) || WhichFoot.foot(item) || elided || tip) && item.rel() == null) {
                return true;
            }
        }
        return false;
    }

    /** Look down: no record holds that, and it says nothing of the body; a palm that was told of may be what looks. */
    private static boolean upOrDown(Clause clause, Situation now) {
        boolean said = clause.has(Term.Way.UP) || clause.has(Term.Way.DOWN);
        return said
                && now.topic() != Situation.Topic.HAND
                && clause.items().stream().anyMatch(item -> item.term() instanceof Term.Act || item.is(Term.Part.EYES))
                && clause.items().stream()
                        .allMatch(item -> item.is(Term.Act.LOOK)
                                || item.is(Term.Act.FACE)
                                || item.is(Term.Part.EYES)
                                || item.is(Term.Part.HEAD)
                                || item.is(Term.Way.UP)
                                || item.is(Term.Way.DOWN)
                                || Leftover.small(item));
    }

    private static Optional<Fit> direction(Clause clause, Situation now, double cost) {
        boolean too = clause.said(Term.Ref.TOO);
        boolean wide = clause.takeAll(Term.Manner.WIDE, Term.Manner.WIDE_VIEW);
        clause.takeAll(Term.Manner.HEIGHT);
        boolean side = clause.has(Item::bareSide);
        boolean forward = clause.has(Term.Way.FORWARD) && !side;
        boolean straight = clause.takeAll(Term.Manner.STRAIGHT);
        Optional<Side> way =
                clause.takeItem(item -> item.term() == Term.Way.SIDE).isPresent()
                        ? new Ways(clause, now).leftOrRight()
                        : Optional.empty();
        if (way.isPresent()) {
            return toward(way.get() == Side.LEFT ? Direction.LEFT : Direction.RIGHT, cost);
        }
        if ((too || clause.has(Term.Ref.THERE)) && now.lastHeading().isEmpty()) {
            Optional<Direction> pointed = lastPointed(now);
            if (pointed.isPresent()) {
                clause.take(Term.Ref.THERE);
                return pointed.get().equals(Direction.FORWARD)
                        ? Optional.of(Fit.of(new Move.Look(Gaze.AHEAD)).costs(cost))
                        : toward(pointed.get(), cost);
            }
        }
        Ways ways = new Ways(clause, now);
        Optional<Direction> direction = ways.of(Side.RIGHT);
        clause.takeAll(Term.Ref.TOO);
        boolean counted = clause.items().stream()
                .anyMatch(item -> Ways.amount(item.term()).isPresent());
        if (direction.isPresent() && (counted || !direction.get().equals(Direction.FORWARD))) {
            return toward(direction.get(), cost).map(fit -> fit.heading(ways.found()));
        }
        if (direction.isPresent() || forward || straight || wide) {
            clause.takeAll(Term.Way.FORWARD);
            return Optional.of(Fit.of(new Move.Look(Gaze.AHEAD)).costs(cost));
        }
        return Optional.of(new Fit().refuse(clause.text(), "eyes_where", Map.of()));
    }

    /** That way: where the fingers were pointed last, or what the palm faces. */
    private static Optional<Direction> lastPointed(Situation now) {
        Optional<HandPlace> place = now.lastPlace();
        return place.flatMap(HandPlace::fingers)
                .or(() -> place.flatMap(HandPlace::palm).map(HandDetails::way))
                .flatMap(way -> Optional.ofNullable(
                        switch (way) {
                            case FORWARD -> Direction.FORWARD;
                            case BACK -> Direction.BACK;
                            case TO_THE_LEFT -> Direction.LEFT;
                            case TO_THE_RIGHT -> Direction.RIGHT;
                            case UP, DOWN, IN, OUT, ACROSS -> null;
                        }));
    }

    private static Optional<Fit> toward(Direction direction, double cost) {
        return Optional.of(Fit.of(new Move.Look(new Gaze.Toward(direction))).costs(cost));
    }
}
