package app.avrel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TextFileTest {

    @TempDir
    private Path folder;

    private TextFile.Got read(byte... bytes) throws IOException {
        return TextFile.read(Files.write(folder.resolve("list.csv"), bytes));
    }

    @Test
    void aMarkBeforeTheTextIsNotPartOfTheFirstName() throws IOException {
        assertThat(read("\uFEFF扬帆".getBytes("UTF-8"))).isEqualTo(new TextFile.Got.Text("扬帆"));
    }

    @Test
    void whatAnOlderSpreadsheetWroteKeepsItsAccents() throws IOException {
        assertThat(read("timón".getBytes("windows-1252"))).isEqualTo(new TextFile.Got.Text("timón"));
    }

    @Test
    void aPictureIsRefused() throws IOException {
        assertThat(read((byte) 137, (byte) 80, (byte) 0, (byte) 255))
                .isEqualTo(new TextFile.Got.Refused(
                        "list.csv is not text. Save the list as plain text or CSV and choose that."));
    }

    @Test
    void aFileThatIsNotThereIsRefusedByName() {
        Path gone = folder.resolve("gone.txt");
        assertThat(TextFile.read(gone))
                .isEqualTo(new TextFile.Got.Refused("There is no file " + gone + ". Check its name and folder."));
    }
}
