package app.avrel.rules.join;

import app.avrel.posture.Posture;
import app.avrel.posture.count.Count;
import java.util.List;

/** A way to close an open join. */
public sealed interface JoinProposal {

    /** Counts between the two postures: the way in of the second. */
    record InsertLink(List<Count> counts) implements JoinProposal {
        public InsertLink {
            counts = List.copyOf(counts);
        }
    }

    /**
     * The posture before ends as the next one starts.
     *
     * @param before the posture before as it is now recorded
     * @param becomes the same with its end adjusted
     */
    record AdjustEnd(Posture before, Posture becomes) implements JoinProposal {}

    /**
     * The posture starts where the one before ends.
     *
     * @param before the posture as it is now recorded
     * @param becomes the same with its start adjusted
     */
    record AdjustStart(Posture before, Posture becomes) implements JoinProposal {}
}
