package app.avrel.form;

import java.util.List;

/** A part of a form; the name may be empty where a form has only one. */
public record Part(String name, List<Entry> entries) {

    public Part {
        entries = List.copyOf(entries);
    }

    public Part withEntries(List<Entry> changed) {
        return new Part(name, changed);
    }

    public Part withName(String changed) {
        return new Part(changed, entries);
    }
}
