package app.avrel.files;

import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;

/**
 * A program that edits without end, to be killed: several projects at once, each in a folder of its own, as a program with
 * several windows would. Each edit is kept, every tenth is saved, and each is told.
 */
final class ScriptedEditing {

    private static final long PACE_NANOS = 3_000_000;

    private ScriptedEditing() {}

    /** {@return what is told of an edit: in which folder, and the how manieth} */
    static String told(int folder, int edit) {
        return folder + " " + edit;
    }

    /** {@return of which of the folders something was told} */
    static int folder(String told) {
        return Integer.parseInt(told.substring(0, told.indexOf(' ')));
    }

    public static void main(String[] folders) {
        Project demo = Demo.project();
        Recovery.ready(demo);
        for (int folder = 0; folder < folders.length; folder++) {
            int number = folder;
            Path path = Path.of(folders[folder]);
            Thread.ofPlatform().start(() -> edit(demo, path, number));
        }
    }

    private static void edit(Project begun, Path folder, int number) {
        Path file = folder.resolve("hall.avrel");
        Recovery recovery = new Recovery(folder.resolve("recovery"));
        Project project = begun;
        for (int edit = 1; ; edit++) {
            project = project.withName(Integer.toString(edit)).withSetting(Setting.USUAL);
            recovery.keep(project, Optional.of(file));
            if (edit % 10 == 0) {
                ProjectFile.save(project, file);
            }
            System.out.println(told(number, edit));
            LockSupport.parkNanos(PACE_NANOS);
        }
    }
}
