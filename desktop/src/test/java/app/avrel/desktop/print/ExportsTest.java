package app.avrel.desktop.print;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.files.Demo;
import app.avrel.files.Recovery;
import app.avrel.posture.PostureId;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Calendars and pictures from what is on the desk. */
class ExportsTest {

    @TempDir
    private Path folder;

    private final List<Session> open = new ArrayList<>();

    private Session session(Project project) {
        Session session = new Session(project, new Recovery(folder.resolve("recovery")));
        open.add(session);
        return session;
    }

    /** Nothing is written any more once this is over. */
    @AfterEach
    void end() {
        open.forEach(Session::end);
    }

    private List<String> written() throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(Files::isRegularFile)
                    .map(path -> path.getFileName().toString())
                    .sorted()
                    .toList();
        }
    }

    @Test
    void theCountOnTheDeskIsFourPictures() throws IOException {
        Session session = session(Demo.project());
        session.choose(session.choice().withPosture(new PostureId("kick-the-stone"), 2));
        assertThat(Exports.pictures(session.desk().get(), folder.resolve("kick.svg")))
                .isEmpty();
        assertThat(written()).containsExactly("kick-floor.svg", "kick-front.svg", "kick-ribbon.svg", "kick-side.svg");
        for (String name : written()) {
            assertThat(Files.readString(folder.resolve(name)))
                    .startsWith("<svg")
                    .endsWith("</svg>\n");
        }
    }

    @Test
    void theStartHasPicturesToo() throws IOException {
        Session session = session(Demo.project());
        session.choose(session.choice().withPosture(new PostureId("wade-back"), Choice.START));
        assertThat(Exports.pictures(session.desk().get(), folder.resolve("start")))
                .isEmpty();
        assertThat(written()).hasSize(4).allMatch(name -> name.startsWith("start-"));
    }

    @Test
    void whereThereIsNoPostureOrNoCourseItIsSaid() {
        Session empty = session(Project.empty("Hall", Setting.USUAL));
        assertThat(Exports.pictures(empty.desk().get(), folder.resolve("x.svg")).orElseThrow())
                .contains("There is no posture to draw");
        assertThat(Exports.calendar(empty.desk().get(), folder.resolve("x.ics")).orElseThrow())
                .contains("belongs to no course");
    }

    @Test
    void theCourseOnTheDeskIsACalendar() throws IOException {
        Session session = session(Demo.project());
        Path ics = folder.resolve("course.ics");
        assertThat(Exports.calendar(session.desk().get(), ics)).isEmpty();
        assertThat(Files.readString(ics).lines().filter("BEGIN:VEVENT"::equals)).hasSize(12);
    }

    @Test
    void aFolderThatIsNotThereIsSaidAndNothingIsLost() {
        Session session = session(Demo.project());
        assertThat(Exports.calendar(session.desk().get(), folder.resolve("gone/course.ics"))
                        .orElseThrow())
                .startsWith("It cannot be written to ");
    }
}
