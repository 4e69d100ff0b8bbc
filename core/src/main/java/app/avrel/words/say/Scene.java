package app.avrel.words.say;

import app.avrel.motion.Pose;
import app.avrel.posture.count.Stage;

/** A stage as it is done: what moves, and how one stands before and after it. */
public record Scene(Stage stage, Pose before, Pose after) {}
