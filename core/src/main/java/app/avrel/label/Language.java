package app.avrel.label;

/** A language in which names are written and cues are said. */
public enum Language {
    ENGLISH("en"),
    SPANISH("es"),
    CHINESE("zh");

    private final String code;

    Language(String code) {
        this.code = code;
    }

    /** {@return the ISO 639-1 code} */
    public String code() {
        return code;
    }
}
