package app.avrel.files;

import app.avrel.label.Labels;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Plain text and tables that other programs wrote: UTF-8, or the western page that older spreadsheets use. */
public final class TextFile {

    private static final Charset WESTERN = Charset.forName("windows-1252");
    private static final long MOST_BYTES = 1_000_000;
    private static final String BYTE_ORDER_MARK = "\uFEFF";

    private TextFile() {}

    /** What came of reading. */
    public sealed interface Got {

        record Text(String text) implements Got {}

        /** @param message what is wrong and what to do */
        record Refused(String message) implements Got {}
    }

    /** {@return the text in a file of at most a million bytes, or why it cannot be read} */
    public static Got read(Path file) {
        String name = file.getFileName().toString();
        try {
            if (Files.size(file) > MOST_BYTES) {
                return new Got.Refused(Labels.say("keep.list_too_long", name));
            }
            String text = text(file);
            return text.indexOf('\0') >= 0
                    ? new Got.Refused(Labels.say("keep.list_no_text", name))
                    : new Got.Text(text);
        } catch (NoSuchFileException e) {
            return new Got.Refused(Labels.say("keep.no_file", file));
        } catch (IOException e) {
            return new Got.Refused(Labels.say("keep.list_not_read", name, ProjectFile.reason(e)));
        }
    }

    private static String text(Path file) throws IOException {
        try {
            String text = Files.readString(file);
            return text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            return Files.readString(file, WESTERN);
        }
    }
}
