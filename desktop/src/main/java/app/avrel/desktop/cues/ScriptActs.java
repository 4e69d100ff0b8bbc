package app.avrel.desktop.cues;

import app.avrel.cue.hear.Hearing;
import app.avrel.desktop.parts.Sheet;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.words.Words;
import app.avrel.files.script.ScriptFormat;
import app.avrel.files.script.ScriptIn;
import app.avrel.files.script.ScriptOut;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.layout.StackPane;

/**
 * What can be done with a script: written, spoken into a file, timed by a voice, and held against what was really said.
 *
 * @param over where sheets are laid
 * @param lengths how long calls take
 */
record ScriptActs(Session session, ScriptFiles choosing, StackPane over, CueLengths lengths) {

    void write(CueSheet sheet) {
        choosing.toWrite(sheet.title()).ifPresent(path -> {
            String name = path.getFileName().toString();
            ScriptFormat format =
                    ScriptFormat.of(name.substring(name.lastIndexOf('.') + 1)).orElse(ScriptFormat.TEXT);
            try {
                Files.writeString(path, ScriptOut.of(sheet.script(), sheet.stretch(), format));
            } catch (IOException unwritable) {
                Sheet.tell(over, Words.of("cues.script_not_written"), Words.of("common.cannot_be_written", path));
            }
        });
    }

    void sound(CueSheet sheet) {
        SoundSheet.open(sheet, session.project().setting(), choosing, over);
    }

    void measure(CueSheet sheet) {
        lengths.measure(sheet, session.project().setting().sounds());
    }

    void check(CueSheet sheet) {
        choosing.toRead().ifPresent(path -> check(sheet, path));
    }

    private void check(CueSheet sheet, Path path) {
        try {
            Hearing.Report report = Hearing.of(
                    ScriptIn.read(Files.readString(path)),
                    sheet.stretch(),
                    sheet.wish().order().language(),
                    session.project().setting().chosenBody(),
                    session.desk().get().saying(),
                    sheet.wish().order().tempo());
            HeardSheet.show(over, path.getFileName().toString(), report, sheet);
        } catch (IOException unreadable) {
            Sheet.tell(over, Words.of("cues.script_cannot_be"), Words.of("cues.must_be_text", path));
        }
    }
}
