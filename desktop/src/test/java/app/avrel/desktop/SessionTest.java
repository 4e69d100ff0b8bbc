package app.avrel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Desk;
import app.avrel.desktop.session.Saving;
import app.avrel.desktop.session.Session;
import app.avrel.files.Demo;
import app.avrel.files.FileStamp;
import app.avrel.files.ForeignFields;
import app.avrel.files.Opened;
import app.avrel.files.ProjectFile;
import app.avrel.files.ProjectText;
import app.avrel.files.Recovery;
import app.avrel.form.WayIn;
import app.avrel.lesson.LessonId;
import app.avrel.posture.PostureId;
import app.avrel.posture.count.Count;
import app.avrel.posture.count.Counts;
import app.avrel.project.Edit;
import app.avrel.project.Holder;
import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SessionTest {

    @TempDir
    private Path folder;

    private Recovery recovery;
    private Session session;

    @BeforeEach
    void open() {
        recovery = new Recovery(folder.resolve("recovery"));
        session = new Session(Demo.project(), recovery);
    }

    @AfterEach
    void close() {
        recovery.close();
    }

    private static Edit rename(String name) {
        return Edit.of("Rename", project -> project.withName(name));
    }

    @Test
    void everyChangeIsShownWithWhatIsComputedFromIt() {
        List<Desk> shown = new ArrayList<>();
        session.desk().addListener((_, _, desk) -> shown.add(desk));
        session.apply(rename("Another hall"));
        session.apply(rename("Another hall"));
        assertThat(shown).hasSize(1);
        assertThat(shown.getFirst().survey().project().name()).isEqualTo("Another hall");
    }

    @Test
    void onlyWhatIsNotInTheFileIsDirty() {
        assertThat(session.dirty()).isFalse();
        session.apply(rename("X"));
        assertThat(session.dirty()).isTrue();
        session.undo();
        assertThat(session.dirty()).isFalse();
        session.redo();
        assertThat(session.save(folder.resolve("hall.avrel"))).isEqualTo(new Saving.Done());
        assertThat(session.dirty()).isFalse();
        session.undo();
        assertThat(session.dirty()).isTrue();
    }

    @Test
    void aFileThatCannotBeOpenedLeavesTheDeskAsItIs() throws Exception {
        Path broken = Files.writeString(folder.resolve("broken.avrel"), "{\"format\": 1}");
        session.apply(rename("X"));
        assertThat(session.open(broken).orElseThrow()).contains("is not an Avrel project");
        assertThat(session.project().name()).isEqualTo("X");
        assertThat(session.undoable()).isPresent();
    }

    @Test
    void whatANewerProgramWroteIsStillThereWhenTheFileIsSaved() throws Exception {
        Path file = folder.resolve("newer.avrel");
        String newer = ProjectText.of(Demo.project())
                .replaceFirst("\"version\": \\d+", "\"version\": 99")
                .replaceFirst("\\n}\\s*$", ",\n  \"moonPhases\": [\"new\", \"full\"]\n}\n");
        Files.writeString(file, newer);
        assertThat(session.open(file)).isEmpty();
        session.apply(rename("Saved by an older program"));
        assertThat(session.save(file)).isEqualTo(new Saving.Done());
        assertThat(Files.readString(file)).contains("moonPhases").contains("Saved by an older program");
        session.start(Demo.project(), Optional.empty());
        assertThat(session.save(file)).isEqualTo(new Saving.Done());
        assertThat(Files.readString(file)).as("it belongs to that file alone").doesNotContain("moonPhases");
    }

    @Test
    void aProjectWithoutFormsIsOpenedWholeOrNotAtAll() throws Exception {
        Path file = folder.resolve("formless.avrel");
        String text = ProjectText.of(
                Demo.project().withName("Formless").withForms(List.of()).withLessons(List.of()));
        Files.writeString(file, text);
        assertThat(session.open(file)).isEmpty();
        assertThat(session.project().name()).isEqualTo("Formless");
        assertThat(session.desk().get().form().entries()).isEmpty();
        assertThat(session.file().get()).contains(file);
    }

    @Test
    void anEditOfALessonOrASegmentThatIsGoneChangesNothing() {
        Project demo = session.project();
        LessonId first = demo.lessons().getFirst().id();
        assertThat(demo.changeLesson(new LessonId("gone"), lesson -> lesson.withTitle("Late")))
                .isEqualTo(demo);
        assertThat(demo.changeLesson(first, lesson -> lesson.change(99, segment -> segment)))
                .isEqualTo(demo);
        assertThat(demo.changeLesson(first, lesson -> lesson.delete(99))).isEqualTo(demo);
    }

    @Test
    void theChoiceFollowsWhatIsThere() {
        session.choose(session.choice().withPosture(new PostureId("wade-back"), 2));
        assertThat(session.desk().get().posture().orElseThrow().name()).isEqualTo("Wade Back");
        session.choose(session.choice().withCount(99));
        assertThat(session.choice().count()).isEqualTo(2);
        session.apply(Edit.of("Empty the shelf", project -> project.withPostures(List.of())));
        assertThat(session.choice().posture()).isEmpty();
        session.choose(session.choice().withEntry(-5));
        assertThat(session.choice().entry()).isZero();
    }

    @Test
    void anEmptyProjectHasNothingToChoose() {
        Choice choice = Choice.first(Project.empty("Empty", Setting.USUAL));
        assertThat(choice.posture()).isEmpty();
        assertThat(choice.entry()).isEqualTo(-1);
        assertThat(choice.lesson()).isEqualTo(-1);
    }

    @Test
    void recoveredWorkCountsAsNotSaved() {
        Recovery.Left left = new Recovery.Left(
                Demo.project().withName("Lost and found"),
                Optional.of(folder.resolve("hall.avrel")),
                Optional.empty(),
                FileTime.fromMillis(0),
                folder.resolve("x"));
        session.recover(left);
        assertThat(session.project().name()).isEqualTo("Lost and found");
        assertThat(session.dirty()).isTrue();
        assertThat(session.file().get()).contains(folder.resolve("hall.avrel"));
    }

    @Test
    void recoveredWorkIsNotSavedOverWhatOthersHaveSavedSince() throws Exception {
        Path file = folder.resolve("hall.avrel");
        session.save(file);
        String base = FileStamp.of(file).orElseThrow().digest();
        ProjectFile.save(Demo.project().withName("Saved since"), file);
        session.recover(new Recovery.Left(
                Demo.project().withName("Lost and found"),
                Optional.of(file),
                Optional.of(base),
                FileTime.fromMillis(0),
                folder.resolve("x")));
        assertThat(session.save(file)).isInstanceOf(Saving.ChangedThere.class);
        assertThat(ProjectFile.open(file))
                .isEqualTo(new Opened.Read(Demo.project().withName("Saved since"), ForeignFields.NONE));
    }

    @Test
    void aFileThatWasOnlyWrittenAnewWithTheSameIsNotChanged() throws Exception {
        Path file = folder.resolve("hall.avrel");
        session.save(file);
        Files.setLastModifiedTime(file, FileTime.fromMillis(0));
        assertThat(session.touchedThere()).isTrue();
        assertThat(session.changedThere()).isEmpty();
        session.apply(rename("X"));
        assertThat(session.save(file)).isEqualTo(new Saving.Done());
    }

    @Test
    void changingASharedWayInChangesItForAllWhoShareIt() {
        Project demo = session.project();
        Holder way = new Holder.OfWay(demo.forms().getFirst().id(), 6, 0);
        assertThat(way.counts(demo)).hasSize(1);
        Project changed = way.change(demo, counts -> Counts.insert(counts, 1, Count.blank()));
        assertThat(changed.links().values()).anyMatch(link -> link.counts().size() == 2);
        assertThat(way.counts(changed)).hasSize(2);
        assertThat(changed.forms()).isEqualTo(demo.forms());
    }

    @Test
    void changingAnOwnWayInChangesOnlyThatEntry() {
        Project demo = session.project();
        Holder way = new Holder.OfWay(demo.forms().getFirst().id(), 2, 0);
        Project changed = way.change(demo, counts -> Counts.duplicate(counts, 0));
        assertThat(changed.links()).isEqualTo(demo.links());
        WayIn in = changed.forms().getFirst().entries().get(2).ways().getFirst();
        assertThat(((WayIn.Own) in).link().counts()).hasSize(2);
        assertThat(new Holder.OfWay(demo.forms().getFirst().id(), 99, 0).counts(demo))
                .isEmpty();
    }
}
