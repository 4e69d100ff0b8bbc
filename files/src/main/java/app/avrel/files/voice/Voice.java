package app.avrel.files.voice;

import app.avrel.label.Language;
import java.io.IOException;

/** Something that speaks. */
public interface Voice {

    /** {@return what it is called} */
    String name();

    boolean speaks(Language language);

    /**
     * {@return some words, spoken}
     *
     * @throws IOException where the voice fails
     */
    Sound say(String words, Language language) throws IOException;
}
