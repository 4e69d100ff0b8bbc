package app.avrel.desktop.shots;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.shell.Shell;
import app.avrel.posture.Posture;
import app.avrel.project.Project;
import java.util.Comparator;

/** Chooses, for each room, something that shows it well. */
final class Chosen {

    private Chosen() {}

    static void in(Session session, Shell.RoomName room) {
        Project project = session.project();
        Choice choice = session.choice();
        switch (room) {
            case POSTURES ->
                project.postures().stream()
                        .filter(posture -> posture.counts().size() > 1)
                        .max(Comparator.comparingInt(Chosen::moves))
                        .ifPresent(posture -> session.choose(choice.withPosture(posture.id(), 1)));
            case FORM -> session.choose(choice.withEntry(firstOpenJoin(session)));
            case LESSONS -> session.choose(choice.withLesson(1).withSegment(2));
        }
    }

    private static int moves(Posture posture) {
        return posture.side().isPresent()
                ? posture.counts().stream()
                        .mapToInt(count -> (int) count.moves().count())
                        .sum()
                : 0;
    }

    private static int firstOpenJoin(Session session) {
        return session.desk().get().formTrack().occurrences().stream()
                .filter(done -> !done.join().fits())
                .map(done -> done.entry())
                .findFirst()
                .orElse(0);
    }
}
