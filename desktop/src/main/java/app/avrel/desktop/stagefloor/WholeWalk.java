package app.avrel.desktop.stagefloor;

import app.avrel.form.hall.HallPlan;

/**
 * How large a walk is drawn so that all of it is seen: its hall, or where there is none its own steps.
 *
 * @param round pixels that a hall leaves free, for a line of words on each side
 */
record WholeWalk(WalkPicture picture, double round) {

    private static final double LEAST = 40;

    /** {@return its scale in a picture of so many pixels} */
    FloorScale in(double width, double height) {
        return picture.plan()
                .map(plan -> hall(plan, width, height))
                .orElseGet(() -> FloorScale.fitting(new WalkPath(picture).extent(), 0.5, 2.2, width, height));
    }

    private FloorScale hall(HallPlan plan, double width, double height) {
        FloorScale fitted = FloorScale.fitting(
                HallPainter.corners(plan.hall()),
                0,
                2,
                Math.max(LEAST, width - round),
                Math.max(LEAST, height - round));
        return new FloorScale(fitted.centre(), fitted.pixels(), width, height);
    }
}
