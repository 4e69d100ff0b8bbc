package app.avrel.files;

import app.avrel.project.Project;
import app.avrel.project.Setting;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;

/** A program that edits without end, to be killed: each edit is kept, every tenth is saved, and each is told. */
final class ScriptedEditing {

    private static final long PACE_NANOS = 3_000_000;

    private ScriptedEditing() {}

    public static void main(String[] arguments) {
        Path folder = Path.of(arguments[0]);
        Path file = folder.resolve("hall.avrel");
        Recovery recovery = new Recovery(folder.resolve("recovery"));
        Project project = Demo.project();
        for (int edit = 1; ; edit++) {
            project = project.withName(Integer.toString(edit)).withSetting(Setting.USUAL);
            recovery.keep(project, Optional.of(file));
            if (edit % 10 == 0) {
                ProjectFile.save(project, file);
            }
            System.out.println(edit);
            LockSupport.parkNanos(PACE_NANOS);
        }
    }
}
