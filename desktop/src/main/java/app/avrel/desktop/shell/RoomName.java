package app.avrel.desktop.shell;

import app.avrel.desktop.words.Words;

/** The rooms, in the order of the work. */
public enum RoomName {
    POSTURES("common.postures"),
    FORM("common.form"),
    LESSONS("common.lessons"),
    CUES("shell.cues"),
    LOG("shell.log");

    private final String label;

    RoomName(String label) {
        this.label = label;
    }

    public String label() {
        return Words.of(label);
    }
}
