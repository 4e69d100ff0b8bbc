package app.avrel.body;

/** What a length is counted in: the tape's units or the body's own. */
public enum LengthUnit {
    CENTIMETRE("cm", "cm"),
    INCH("inch", "inches"),
    FOOT_LENGTH("foot-length", "foot-lengths"),
    SHOULDER_WIDTH("shoulder width", "shoulder widths"),
    FIST("fist", "fists"),
    HAND_SPAN("hand span", "hand spans");

    private final String one;
    private final String many;

    LengthUnit(String one, String many) {
        this.one = one;
        this.many = many;
    }

    public String one() {
        return one;
    }

    public String many() {
        return many;
    }
}
