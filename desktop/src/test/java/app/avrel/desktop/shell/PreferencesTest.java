package app.avrel.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PreferencesTest {

    @TempDir
    private Path folder;

    @Test
    void aFirstStartIsLightAtPlainSizeWithNothingRecent() {
        Preferences preferences = new Preferences(folder);
        assertThat(preferences.dark()).isFalse();
        assertThat(preferences.textSize()).isEqualTo(100);
        assertThat(preferences.recent()).isEmpty();
    }

    @Test
    void whatIsChosenIsThereAtTheNextStart() {
        Preferences first = new Preferences(folder.resolve("new"));
        first.dark(true);
        first.textSize(140);
        first.used(Path.of("/halls/weir.avrel"));
        Preferences next = new Preferences(folder.resolve("new"));
        assertThat(next.dark()).isTrue();
        assertThat(next.textSize()).isEqualTo(140);
        assertThat(next.recent()).containsExactly(Path.of("/halls/weir.avrel"));
    }

    @Test
    void recentFilesAreTheLastEightNewestFirstEachOnce() {
        Preferences preferences = new Preferences(folder);
        for (int i = 1; i <= 10; i++) {
            preferences.used(Path.of("/halls/" + i + ".avrel"));
        }
        preferences.used(Path.of("/halls/7.avrel"));
        assertThat(preferences.recent())
                .hasSize(8)
                .startsWith(Path.of("/halls/7.avrel"), Path.of("/halls/10.avrel"))
                .endsWith(Path.of("/halls/3.avrel"));
    }

    @Test
    void valuesThatMakeNoSenseAreReadAsTheUsualOnes() throws IOException {
        Files.writeString(folder.resolve("preferences.properties"), "text=huge\ntheme=plaid\n");
        Preferences preferences = new Preferences(folder);
        assertThat(preferences.textSize()).isEqualTo(100);
        assertThat(preferences.dark()).isFalse();
    }
}
