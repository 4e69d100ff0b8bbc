package app.avrel.posture;

/** Where a posture starts. */
public sealed interface Start {

    /** {@return how one stands when the posture is looked at by itself} */
    StartPose pose();

    /** As recorded, wherever one comes from. */
    record Recorded(StartPose pose) implements Start {}

    /** Where the one before ends; {@code pose} is the usual start, for the shelf. */
    record Carried(StartPose pose) implements Start {}

    /** {@return the same kind of start from another pose} */
    default Start withPose(StartPose pose) {
        return switch (this) {
            case Recorded _ -> new Recorded(pose);
            case Carried _ -> new Carried(pose);
        };
    }
}
