package app.avrel.floor;

/** A direction as the instructor gives it. */
public sealed interface Direction {

    /** Ahead of the body, where it faces when the stage begins. */
    Direction FORWARD = new OfBody(Turn.NONE);

    Direction BACK = new OfBody(new Turn(180));
    Direction LEFT = new OfBody(new Turn(-90));
    Direction RIGHT = new OfBody(new Turn(90));

    /**
     * Counted from where the body faces when the stage begins.
     *
     * @param fromFacing more than -180 and at most 180 degrees; to the right is positive
     */
    record OfBody(Turn fromFacing) implements Direction {
        public OfBody {
            if (!(fromFacing.degrees() > -180 && fromFacing.degrees() <= 180)) {
                throw new IllegalArgumentException("direction of the body must be above -180 and at most 180 degrees,"
                        + " but was " + fromFacing.degrees());
            }
        }
    }

    /** {@return a direction of the body from any number of degrees; whole turns are left out} */
    static Direction wrapping(double degrees) {
        double round = Heading.wrapping(degrees).degrees();
        return new OfBody(new Turn(round > 180 ? round - 360 : round));
    }

    /**
     * Fixed to the posture's own front.
     *
     * @param heading 0 is where the posture's start faces
     */
    record OfPosture(Bearing heading) implements Direction {}
}
