package app.avrel.rules;

/** How serious a finding is, least first. */
public enum Severity {
    NOTE("note", "i"),
    LOOK("look", "!"),
    CAUTION("caution", "!!");

    private final String word;
    private final String mark;

    Severity(String word, String mark) {
        this.word = word;
        this.mark = mark;
    }

    /** {@return a sign of one or two letters, so that it is told without a colour} */
    public String mark() {
        return mark;
    }

    public String word() {
        return word;
    }
}
