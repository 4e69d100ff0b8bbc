package app.avrel.cli;

import app.avrel.files.calendar.CourseCalendar;
import app.avrel.lesson.course.Course;
import app.avrel.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes the days of a course for a calendar. */
@Command(name = "calendar", description = "Writes the days of a course for a calendar (iCalendar).")
final class CalendarCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "FILE", description = "a project, or the word demo")
    private String file;

    @Option(names = "--course", paramLabel = "ID", description = "a course; the first one where nothing is named")
    private String course;

    @Option(names = "-o", paramLabel = "OUT.ics", required = true, description = "the file to write")
    private Path output;

    @Override
    public Integer call() {
        Optional<Project> project = Reports.project(file);
        Optional<Course> found = project.flatMap(one -> Named.one(
                one.courses(), Optional.ofNullable(course), some -> some.id().key(), Course::name, "course"));
        if (found.isEmpty()) {
            return Reports.FOUND;
        }
        try {
            Files.writeString(output, CourseCalendar.of(project.get(), found.get()));
            return Reports.FINE;
        } catch (IOException e) {
            System.err.println("The calendar cannot be written to " + output + ": " + e.getMessage());
            return Reports.FOUND;
        }
    }
}
