package app.avrel.rules.check;

import app.avrel.rules.Finding;
import app.avrel.rules.RuleId;
import app.avrel.rules.Spot;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is found in moments one after the other: a fault that lasts is found once, where it begins, with its span. */
final class Spans {

    /** A fault of one rule about one part. */
    private record Fault(RuleId rule, Optional<Spot> spot) {}

    /** A fault that still lasts: where in the list it stands, and the moment in which it was seen last. */
    private record Lasting(int at, int seen) {}

    private final List<Finding> found = new ArrayList<>();
    private final Map<Fault, Lasting> lasting = new LinkedHashMap<>();

    /**
     * Takes what is found in a moment.
     *
     * @param moment which, in order
     * @param asked whether the rules were asked anew; where nothing stands otherwise, what was found lasts
     */
    void add(int moment, boolean asked, List<Finding> here) {
        for (Finding finding : here) {
            Fault fault = new Fault(finding.rule(), finding.spot());
            Lasting before = lasting.get(fault);
            if (before == null) {
                lasting.put(fault, new Lasting(found.size(), moment));
                found.add(finding);
            } else {
                found.set(before.at(), found.get(before.at()).lastingTo(finding));
                lasting.put(fault, new Lasting(before.at(), moment));
            }
        }
        if (asked) {
            lasting.values().removeIf(fault -> fault.seen() < moment);
        }
    }

    List<Finding> all() {
        return List.copyOf(found);
    }
}
