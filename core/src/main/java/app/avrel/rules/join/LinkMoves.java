package app.avrel.rules.join;

import app.avrel.body.Body;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.floor.Bearing;
import app.avrel.floor.Direction;
import app.avrel.floor.Turn;
import app.avrel.mechanics.Spacing;
import app.avrel.motion.FootPose;
import app.avrel.motion.Performer;
import app.avrel.motion.Pose;
import app.avrel.motion.Starting;
import app.avrel.posture.StartPose;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.PropAct;
import app.avrel.posture.hand.PropState;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.StepPlace;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What may be done next on the way from a pose to a start: each option is what moves together in one stage.
 *
 * <p>Costs: a shift 1, a turn of a foot 1, lifting, lowering or a part of the foot 1, a step 1.5; the hips, the height and
 * the hands, which the feet do not wait for, half of that each.
 */
record LinkMoves(Pose pose, StartPose start, Performer posing) {

    private static final double SHIFT = 1;
    private static final double FOOT = 1;
    private static final double STEP = 1.5;
    private static final double REST = 0.5;
    private static final double DEGREE = 1;
    private static final double CENTIMETRE = 0.01;
    private static final double[] DEPTHS_FISTS = {0.5, 1, 1.5, 2};

    /**
     * Something that can be done.
     *
     * @param moves of one stage
     */
    record Option(List<Move> moves, double cost) {}

    List<Option> all() {
        List<Option> options = new ArrayList<>();
        shifts(options);
        for (Side side : Side.values()) {
            foot(side, options);
        }
        rest(options);
        return options;
    }

    private void shifts(List<Option> options) {
        if (pose.left().lifted() || pose.right().lifted()) {
            return;
        }
        for (WeightShare share : List.of(wanted(), WeightShare.left(100), WeightShare.left(0))) {
            boolean onPart = pose.foot(share.heavier()).contact() != Contact.FLAT;
            if (!share.equals(pose.weight()) && !(onPart && share.most(share.heavier()) == 100)) {
                options.add(new Option(List.of(new Move.Shift(new Split.Said(share))), SHIFT));
            }
        }
    }

    /** A start with an open share takes any; the middle of it is aimed at. */
    private WeightShare wanted() {
        WeightShare share = start.weight();
        return share.exact() ? share : WeightShare.left((share.leastLeft() + share.mostLeft()) / 2);
    }

    private void foot(Side side, List<Option> options) {
        FootPose foot = pose.foot(side);
        Contact wanted = contact(side);
        double off = toesOut(side) - toesNow(side);
        off = Bearing.wrapping(off + 180).degrees() - 180;
        boolean turned = Math.abs(off) > DEGREE;
        boolean placed = spacingFits();
        if (!placed || turned) {
            step(side, wanted, options);
            if (wanted == Contact.FLAT) {
                step(side, behind(side) ? Contact.BALL : Contact.HEEL, options);
            }
        }
        if (turned && !foot.lifted()) {
            for (Pivot on : Pivot.values()) {
                Toes toes = new Toes.Turned(Math.round(off));
                options.add(new Option(List.of(new Move.TurnFoot(side, on, Optional.of(toes))), FOOT));
            }
        }
        if (foot.contact() != wanted) {
            options.add(new Option(List.of(touch(side, foot.lifted(), wanted)), FOOT));
        }
        if (!foot.lifted() && foot.contact() != Contact.FLAT && wanted == Contact.FLAT) {
            Move shift = new Move.Shift(new Split.Said(wanted()));
            options.add(new Option(List.of(touch(side, foot.lifted(), wanted), shift), SHIFT));
        }
        if (foot.lifted() && wanted != Contact.FLAT) {
            options.add(new Option(List.of(touch(side, foot.lifted(), Contact.FLAT)), FOOT));
        }
    }

    /** Behind the other foot one lands on the ball first, ahead of it on the heel. */
    private boolean behind(Side side) {
        double lead = start.leftAhead().map(Length::amount).orElse(0.0);
        return side == Side.LEFT ? lead < 0 : lead > 0;
    }

    private void step(Side side, Contact landing, List<Option> options) {
        Toes toes = new Toes.AgainstPelvis(againstHips(side));
        options.add(new Option(
                List.of(new Move.Step(side, place(side), Optional.of(landing), Optional.of(toes), Optional.empty())),
                STEP));
    }

    /** {@return the move by which another part of a foot comes to touch} */
    static Move touch(Side side, boolean lifted, Contact wanted) {
        return switch (wanted) {
            case LIFTED -> new Move.Lift(side, Optional.empty(), Optional.empty(), Optional.empty());
            case FLAT -> new Move.Lower(side, Contact.FLAT, Optional.empty(), Optional.empty());
            case HEEL ->
                lifted
                        ? new Move.Lower(side, Contact.HEEL, Optional.empty(), Optional.empty())
                        : new Move.Raise(side, FootPart.TOES, Optional.empty());
            case BALL ->
                lifted
                        ? new Move.Lower(side, Contact.BALL, Optional.empty(), Optional.empty())
                        : new Move.Raise(side, FootPart.HEEL, Optional.empty());
        };
    }

    private Contact contact(Side side) {
        return (side == Side.LEFT ? start.left() : start.right()).contact();
    }

    private double toesOut(Side side) {
        return (side == Side.LEFT ? start.left() : start.right()).toesOut();
    }

    private double toesNow(Side side) {
        return side.sign()
                * pose.facing().turnTo(pose.foot(side).heading().value()).degrees();
    }

    /** The toes a step must have, against the pelvis as it is now. */
    private double againstHips(Side side) {
        double twist = pose.hips().value().minus(pose.chest().value()).degrees();
        double out = toesOut(side) - side.sign() * twist;
        return Math.clamp(Math.round(out), -180, 180);
    }

    private boolean spacingFits() {
        if (start.leftAhead().isEmpty() || start.width().isEmpty()) {
            return true;
        }
        Body body = posing.body();
        Spacing now = Spacing.of(pose);
        return Math.abs(now.leftLead() - body.metres(start.leftAhead().get())) < CENTIMETRE
                && Math.abs(now.width() - body.metres(start.width().get())) < CENTIMETRE;
    }

    /** Where a foot must step, counted from the other as the start records it. */
    private StepPlace place(Side side) {
        Optional<Length> width = start.width();
        if (start.leftAhead().isEmpty()) {
            return new StepPlace.LevelWithHeel(width);
        }
        Length lead = side == Side.LEFT
                ? start.leftAhead().get()
                : start.leftAhead().get().negated();
        if (lead.amount() == 0) {
            return new StepPlace.LevelWithHeel(width);
        }
        return lead.amount() > 0
                ? new StepPlace.Along(Direction.FORWARD, Optional.of(lead), width)
                : new StepPlace.Along(Direction.BACK, Optional.of(lead.negated()), width);
    }

    private void rest(List<Option> options) {
        List<Move> moves = new ArrayList<>();
        double twist = start.hips().degrees()
                - pose.hips().value().minus(pose.chest().value()).degrees();
        if (Math.abs(twist) > DEGREE) {
            moves.add(turn(BodyPart.WHOLE, twist));
            moves.add(turn(BodyPart.CHEST, -twist));
        }
        start.drop()
                .filter(drop ->
                        Math.abs(posing.body().metres(drop) - pose.drop().value()) > CENTIMETRE)
                .ifPresent(drop -> moves.add(new Move.ChangeDepth(new Depth.To(drop))));
        Pose wanted = Starting.placed(start, pose, posing.body()).of(Starting.of(start, posing.body()));
        hand(Side.LEFT, wanted.leftHand(), moves);
        hand(Side.RIGHT, wanted.rightHand(), moves);
        prop(moves);
        depths(options);

        if (!moves.isEmpty()) {
            options.add(new Option(moves, REST));
            boolean standing = !pose.left().lifted() && !pose.right().lifted();
            if (standing && !wanted().equals(pose.weight())) {
                List<Move> together = new ArrayList<>(List.of(new Move.Shift(new Split.Said(wanted()))));
                together.addAll(moves);
                options.add(new Option(together, SHIFT));
            }
        }
    }

    /** What must be done with a prop: laid down, taken, passed over, opened or closed, in this order. */
    private void prop(List<Move> moves) {
        Optional<HeldProp> now = pose.prop();
        Optional<HeldProp> wanted = start.prop();
        if (now.isPresent() && wanted.map(HeldProp::prop).equals(now.map(HeldProp::prop))) {
            HeldProp to = wanted.get();
            if (to.held() != now.get().held()) {
                moves.add(handle(to.held(), PropAct.PASS, to));
            } else if (to.state() != now.get().state()) {
                moves.add(handle(to.held(), to.state() == PropState.OPEN ? PropAct.OPEN : PropAct.CLOSE, to));
            }
        } else if (now.isPresent()) {
            moves.add(handle(now.get().held(), PropAct.PUT_AWAY, now.get()));
        } else {
            wanted.ifPresent(to -> moves.add(handle(to.held(), PropAct.TAKE, to)));
        }
    }

    private static Move handle(Side hand, PropAct act, HeldProp prop) {
        Optional<Pointing> points = act == PropAct.PUT_AWAY ? Optional.empty() : prop.points();
        return new Move.HandleProp(hand, act, Optional.of(prop.prop()), points, Optional.empty(), Optional.empty());
    }

    /** Between high and low, so that one can sink before a step and rise after it. */
    private void depths(List<Option> options) {
        for (double fists : DEPTHS_FISTS) {
            Length drop = Length.fists(fists);
            if (Math.abs(posing.body().metres(drop) - pose.drop().value()) > CENTIMETRE) {
                options.add(new Option(List.of(new Move.ChangeDepth(new Depth.To(drop))), REST));
            }
        }
    }

    private static Move turn(BodyPart part, double degrees) {
        return new Move.TurnBody(part, Optional.of(new Turning.By(new Turn(degrees))));
    }

    private void hand(Side side, HandPlace wanted, List<Move> moves) {
        if (!wanted.equals(HandPlace.UNSAID) && !pose.hand(side).with(wanted).equals(pose.hand(side))) {
            moves.add(new Move.PlaceHand(side, wanted, Optional.empty()));
        }
    }
}
