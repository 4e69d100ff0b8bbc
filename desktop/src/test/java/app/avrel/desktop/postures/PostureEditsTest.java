package app.avrel.desktop.postures;

import static org.assertj.core.api.Assertions.assertThat;

import app.avrel.files.Demo;
import app.avrel.posture.Posture;
import app.avrel.posture.PostureId;
import app.avrel.project.Project;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PostureEditsTest {

    private static final Project DEMO = Demo.project();

    static List<Posture> postures() {
        return DEMO.postures();
    }

    @ParameterizedTest
    @MethodSource("postures")
    void aCopyHasANameAndAnIdOfItsOwnAndAllElseOfTheFirst(Posture posture) {
        Posture copy = PostureEdits.copy(DEMO, posture);
        assertThat(copy.name()).isEqualTo(posture.name() + " (copy)");
        assertThat(DEMO.posture(copy.id())).isEmpty();
        assertThat(copy.withId(posture.id()).withNames(posture.names())).isEqualTo(posture);
        assertThat(copy.names().subList(1, copy.names().size()))
                .isEqualTo(posture.names().subList(1, posture.names().size()));
    }

    @Test
    void aCopyOfACopyIsAThird() {
        Posture first = DEMO.postures().getFirst();
        Posture second = PostureEdits.copy(DEMO, first);
        Project with = PostureEdits.add("Copy", second).change().apply(DEMO);
        Posture third = PostureEdits.copy(with, first);
        assertThat(third.id()).isNotEqualTo(second.id());
    }

    @Test
    void aNewOneComesLast() {
        Posture fresh = Posture.blank(new PostureId("new"), "New");
        Project with = PostureEdits.add("Add", fresh).change().apply(DEMO);
        assertThat(with.postures()).hasSize(DEMO.postures().size() + 1).endsWith(fresh);
    }

    @ParameterizedTest
    @MethodSource("postures")
    void onlyTheOneThatIsDeletedIsGone(Posture posture) {
        Project without = PostureEdits.delete(posture.id()).change().apply(DEMO);
        assertThat(without.postures()).hasSize(DEMO.postures().size() - 1).doesNotContain(posture);
        assertThat(without.forms()).isEqualTo(DEMO.forms());
    }

    @ParameterizedTest
    @MethodSource("postures")
    void aPostureIsUsedWhereAFormHasIt(Posture posture) {
        boolean any = DEMO.forms().stream()
                .flatMap(form -> form.entries().stream())
                .anyMatch(entry -> entry.posture().equals(posture.id()));
        assertThat(PostureEdits.uses(DEMO, posture.id()).isEmpty()).isEqualTo(!any);
    }

    @Test
    void aUseIsSaidWithHowOften() {
        assertThat(PostureEdits.uses(
                        DEMO, DEMO.forms().getFirst().entries().getFirst().posture()))
                .first()
                .asString()
                .matches("The Weirside Form \\(\\d+\\)");
    }
}
