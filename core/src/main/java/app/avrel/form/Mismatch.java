package app.avrel.form;

import app.avrel.body.Side;
import app.avrel.body.WeightShare;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HeldProp;
import app.avrel.posture.move.Contact;
import app.avrel.posture.move.Gaze;
import java.util.Optional;

/** One thing that differs between where one arrives and where the next posture starts. */
public sealed interface Mismatch {

    /** The feet stand further or less far apart along the facing, metres the left heel leads. */
    record Length(double arrivedMetres, double wantedMetres) implements Mismatch {}

    /** The heel lines are further or less far apart, metres; crossed is negative. */
    record Width(double arrivedMetres, double wantedMetres) implements Mismatch {}

    /** A foot points elsewhere, degrees out against the facing. */
    record ToesOut(Side foot, double arrivedDegrees, double wantedDegrees) implements Mismatch {}

    /** Another part of the foot touches. */
    record Touch(Side foot, Contact arrived, Contact wanted) implements Mismatch {}

    /** The weight is shared otherwise; percent on the left foot. */
    record Weight(WeightShare arrived, WeightShare wanted) implements Mismatch {}

    /** The chest is turned otherwise against the pelvis, degrees to the right. */
    record Chest(double arrivedDegrees, double wantedDegrees) implements Mismatch {}

    /** The trunk inclines otherwise, degrees from the upright. */
    record Incline(int arrivedDegrees, int wantedDegrees) implements Mismatch {}

    /** The eyes are elsewhere. */
    record Eyes(Gaze arrived, Gaze wanted) implements Mismatch {}

    /** The pelvis is higher or lower, metres below standing. */
    record Drop(double arrivedMetres, double wantedMetres) implements Mismatch {}

    /** Something else is held, in the other hand, or opened or closed. */
    record Held(Optional<HeldProp> arrived, Optional<HeldProp> wanted) implements Mismatch {}

    /** A hand is elsewhere. */
    record Hand(Side hand, HandPlace arrived, HandPlace wanted) implements Mismatch {}
}
