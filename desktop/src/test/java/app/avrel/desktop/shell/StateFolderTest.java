package app.avrel.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Each system has a place of its own for what a program remembers. */
class StateFolderTest {

    private static final Path HOME = Path.of("/home/lin");

    @Test
    void onLinuxItIsTheUsersStateFolderOrTheOneTheyName() {
        assertThat(StateFolder.of("Linux", Map.of(), HOME)).isEqualTo(Path.of("/home/lin/.local/state/avrel"));
        assertThat(StateFolder.of("Linux", Map.of("XDG_STATE_HOME", "/data/state"), HOME))
                .isEqualTo(Path.of("/data/state/avrel"));
        assertThat(StateFolder.of("Linux", Map.of("XDG_STATE_HOME", " "), HOME))
                .isEqualTo(Path.of("/home/lin/.local/state/avrel"));
    }

    @Test
    void onAMacItIsInTheLibraryAndOnWindowsWithTheLocalData() {
        assertThat(StateFolder.of("Mac OS X", Map.of(), HOME))
                .isEqualTo(Path.of("/home/lin/Library/Application Support/Avrel"));
        assertThat(StateFolder.of("Windows 11", Map.of("LOCALAPPDATA", "/c/local"), HOME))
                .isEqualTo(Path.of("/c/local/Avrel"));
        assertThat(StateFolder.of("Windows 11", Map.of(), HOME)).isEqualTo(Path.of("/home/lin/AppData/Local/Avrel"));
    }
}
