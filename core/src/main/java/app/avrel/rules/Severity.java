package app.avrel.rules;

/** How serious a finding is, least first. */
public enum Severity {
    NOTE("note"),
    LOOK("look"),
    CAUTION("caution");

    private final String word;

    Severity(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
