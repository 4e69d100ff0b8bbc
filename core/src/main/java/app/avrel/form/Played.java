package app.avrel.form;

import app.avrel.posture.Mirror;
import app.avrel.posture.Posture;

/** Which side of a posture is done. */
public enum Played {
    AS_RECORDED,
    OTHER_SIDE;

    public Posture of(Posture posture) {
        return this == AS_RECORDED ? posture : Mirror.of(posture);
    }

    public Played other() {
        return this == AS_RECORDED ? OTHER_SIDE : AS_RECORDED;
    }
}
