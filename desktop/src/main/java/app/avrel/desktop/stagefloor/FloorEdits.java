package app.avrel.desktop.stagefloor;

import app.avrel.body.Side;
import app.avrel.floor.FloorPoint;
import app.avrel.floor.Heading;
import app.avrel.posture.move.Pivot;

/** What hands on the floor ask for when they let go; headings and places are the hall's. */
public interface FloorEdits {

    /** A foot was put elsewhere. */
    void step(Side foot, FloorPoint heel);

    /** A foot was turned on a part of its sole. */
    void turn(Side foot, Pivot on, Heading toes);

    /** The centre of mass was moved along its line. */
    void weight(int leftPercent);

    /** Nothing can be changed here. */
    FloorEdits NONE = new FloorEdits() {
        @Override
        public void step(Side foot, FloorPoint heel) {}

        @Override
        public void turn(Side foot, Pivot on, Heading toes) {}

        @Override
        public void weight(int leftPercent) {}
    };
}
