package app.avrel.desktop.settings;

import app.avrel.desktop.words.Words;
import app.avrel.floor.DirectionWords;
import java.util.Arrays;
import java.util.List;

/** What can be chosen for the frame. */
public final class FrameChoices {

    private FrameChoices() {}

    /** {@return the vocabularies by name} */
    public static List<String> words() {
        return Arrays.stream(DirectionWords.values()).map(Words::of).toList();
    }

    /** {@return a vocabulary by its place in {@link #words()}} */
    public static DirectionWords words(int at) {
        return DirectionWords.values()[at];
    }
}
