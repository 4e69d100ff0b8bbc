package app.avrel.rules.join;

import app.avrel.posture.count.Count;
import app.avrel.posture.count.Stage;
import app.avrel.posture.move.Move;
import java.util.ArrayList;
import java.util.List;

/** Parts stages into counts: in a count one foot moves, after the shift that empties it; a shift after that begins the next. */
final class LinkCounts {

    private LinkCounts() {}

    static List<Count> of(List<Stage> stages) {
        List<Count> counts = new ArrayList<>();
        List<Stage> count = new ArrayList<>();
        boolean footMoved = false;
        for (Stage stage : stages) {
            boolean foot = stage.moves().stream().anyMatch(Move.OfFoot.class::isInstance);
            boolean shift = stage.moves().stream().anyMatch(Move.Shift.class::isInstance);
            if (footMoved && (foot || shift)) {
                counts.add(Count.of(count.toArray(Stage[]::new)));
                count.clear();
                footMoved = false;
            }
            count.add(stage);
            footMoved |= foot;
        }
        if (!count.isEmpty()) {
            counts.add(Count.of(count.toArray(Stage[]::new)));
        }
        return counts;
    }
}
