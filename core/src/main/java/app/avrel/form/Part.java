package app.avrel.form;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * A part of a form.
 *
 * @param name may be empty where a form has only one
 * @param said what is stated of it
 */
@RecordBuilder
public record Part(String name, List<Entry> entries, Optional<FormClaim> said) implements PartBuilder.With {

    public Part {
        entries = List.copyOf(entries);
    }

    public Part(String name, List<Entry> entries) {
        this(name, entries, Optional.empty());
    }

    public FormClaim claim() {
        return said.orElse(FormClaim.NONE);
    }

    public Part withClaim(FormClaim changed) {
        return new Part(name, entries, changed.orNothing());
    }
}
