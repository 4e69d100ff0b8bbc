package app.avrel.rules.check;

import app.avrel.form.Performance;
import app.avrel.rules.Finding;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What was found in a form: in each performance, as if it stood first, and in all. */
public final class FormFindings {

    /** Before anything was looked at. */
    public static final FormFindings NONE = new FormFindings(Map.of(), List.of());

    private final Map<Performance, List<Finding>> each;
    private final List<Finding> all;

    FormFindings(Map<Performance, List<Finding>> each, List<Finding> all) {
        this.each = new IdentityHashMap<>(each);
        this.all = all;
    }

    public List<Finding> all() {
        return all;
    }

    Optional<List<Finding>> of(Performance done) {
        return Optional.ofNullable(each.get(done));
    }
}
