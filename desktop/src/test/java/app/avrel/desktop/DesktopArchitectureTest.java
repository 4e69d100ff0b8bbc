package app.avrel.desktop;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import javafx.scene.Node;
import org.junit.jupiter.api.Test;

class DesktopArchitectureTest {

    private static final JavaClasses DESKTOP = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.avrel.desktop");

    @Test
    void roomsKnowPartsAndSessionAndOnlyTheShellKnowsAllRooms() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("session")
                .definedBy("app.avrel.desktop.session..")
                .layer("parts")
                .definedBy("app.avrel.desktop.parts..")
                .layer("ribbon")
                .definedBy("app.avrel.desktop.ribbon..")
                .layer("floor")
                .definedBy("app.avrel.desktop.stagefloor..")
                .layer("postures")
                .definedBy("app.avrel.desktop.postures..")
                .layer("form")
                .definedBy("app.avrel.desktop.form..")
                .layer("lessons")
                .definedBy("app.avrel.desktop.lessons..")
                .layer("log")
                .definedBy("app.avrel.desktop.log..")
                .layer("print")
                .definedBy("app.avrel.desktop.print..")
                .layer("help")
                .definedBy("app.avrel.desktop.help..")
                .layer("cues")
                .definedBy("app.avrel.desktop.cues..")
                .layer("settings")
                .definedBy("app.avrel.desktop.settings..")
                .layer("hall")
                .definedBy("app.avrel.desktop.hall..")
                .layer("learners")
                .definedBy("app.avrel.desktop.learners..")
                .layer("keeping")
                .definedBy("app.avrel.desktop.keeping..")
                .layer("exchange")
                .definedBy("app.avrel.desktop.exchange..")
                .layer("findings")
                .definedBy("app.avrel.desktop.findings..")
                .layer("fitter")
                .definedBy("app.avrel.desktop.fitter..")
                .layer("figure")
                .definedBy("app.avrel.desktop.figure..")
                .layer("shell")
                .definedBy("app.avrel.desktop.shell..")
                .layer("shots")
                .definedBy("app.avrel.desktop.shots..")
                .layer("door")
                .definedBy("app.avrel.desktop.door..")
                .whereLayer("door")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("shots")
                .mayOnlyBeAccessedByLayers("door")
                .whereLayer("shell")
                .mayOnlyBeAccessedByLayers("door", "shots")
                .whereLayer("lessons")
                .mayOnlyBeAccessedByLayers("shell", "log")
                .whereLayer("print")
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("help")
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("log")
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("form")
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("cues")
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("postures")
                .mayOnlyBeAccessedByLayers("shell", "form")
                .whereLayer("settings")
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("hall")
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("learners")
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("keeping")
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("exchange")
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("fitter")
                .mayOnlyBeAccessedByLayers("postures")
                .whereLayer("findings")
                .mayOnlyBeAccessedByLayers("shell", "door", "form", "postures", "lessons")
                .whereLayer("figure")
                .mayOnlyBeAccessedByLayers("form", "hall", "postures", "findings")
                .whereLayer("session")
                .mayNotAccessAnyLayer()
                .whereLayer("parts")
                .mayNotAccessAnyLayer()
                .check(DESKTOP);
    }

    @Test
    void everyRoomIsNamedAbove() {
        List<String> rooms = DESKTOP.stream()
                .map(one -> one.getPackageName().split("\\."))
                .filter(path -> path.length > 3)
                .map(path -> path[3])
                .distinct()
                .sorted()
                .toList();
        assertThat(rooms)
                .containsExactly(
                        "cues",
                        "door",
                        "exchange",
                        "figure",
                        "findings",
                        "fitter",
                        "form",
                        "hall",
                        "help",
                        "keeping",
                        "learners",
                        "lessons",
                        "log",
                        "parts",
                        "postures",
                        "print",
                        "ribbon",
                        "session",
                        "settings",
                        "shell",
                        "shots",
                        "stagefloor",
                        "words");
    }

    @Test
    void noStyleIsSetInCode() {
        noClasses().should().callMethod(Node.class, "setStyle", String.class).check(DESKTOP);
    }

    @Test
    void theSessionHoldsNoNodes() {
        noClasses()
                .that()
                .resideInAPackage("app.avrel.desktop.session..")
                .and()
                .doNotHaveFullyQualifiedName("app.avrel.desktop.session.Room")
                .should()
                .dependOnClassesThat()
                .areAssignableTo(Node.class)
                .check(DESKTOP);
    }

    @Test
    void viewsKeepTheirNodesToThemselves() {
        fields().that()
                .haveRawType(assignableTo(Node.class))
                .and()
                .areDeclaredInClassesThat()
                .areNotRecords()
                .and()
                .doNotHaveModifier(JavaModifier.SYNTHETIC)
                .should()
                .haveModifier(JavaModifier.PRIVATE)
                .check(DESKTOP);
    }
}
