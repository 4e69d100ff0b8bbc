package app.avrel.desktop.shots;

import app.avrel.desktop.session.Choice;
import app.avrel.desktop.session.Session;
import app.avrel.desktop.shell.RoomName;
import app.avrel.posture.Posture;
import app.avrel.project.Project;
import java.util.Comparator;

/** Chooses, for each room, something that shows it well. */
final class Chosen {

    private Chosen() {}

    static void in(Session session, RoomName room) {
        Project project = session.project();
        Choice choice = session.choice();
        switch (room) {
            case POSTURES ->
                project.postures().stream()
                        .filter(posture -> posture.counts().size() > 1)
                        .max(Comparator.comparingInt(Chosen::moves))
                        .ifPresent(posture -> session.choose(choice.withPosture(posture.id(), 1)));
            case FORM -> session.choose(choice.withEntry(firstOpenJoin(session)));
            case LESSONS -> session.choose(choice.withLesson(5).withSegment(5));
            case LOG -> session.choose(choice.withLesson(2));
            case CUES -> session.choose(choice.withEntry(2));
        }
    }

    /** An entry whose posture came before, entered otherwise: the last there is. */
    static void repeated(Session session) {
        var doings = session.desk().get().formTrack().occurrences();
        doings.stream()
                .filter(done -> !done.link().counts().isEmpty())
                .filter(done -> doings.stream()
                        .anyMatch(other -> other.entry() < done.entry()
                                && other.posture().id().equals(done.posture().id())))
                .reduce((_, last) -> last)
                .ifPresent(done -> session.choose(session.choice().withEntry(done.entry())));
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
