package app.avrel.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
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
                .layer("settings")
                .definedBy("app.avrel.desktop.settings..")
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
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("form")
                .mayOnlyBeAccessedByLayers("shell")
                .whereLayer("postures")
                .mayOnlyBeAccessedByLayers("shell", "form")
                .whereLayer("settings")
                .mayOnlyBeAccessedByLayers("shell")
                .check(DESKTOP);
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
                .doNotHaveSimpleName("Room")
                .should()
                .dependOnClassesThat()
                .areAssignableTo(Node.class)
                .check(DESKTOP);
    }

    @Test
    void viewsKeepTheirNodesToThemselves() {
        fields().that()
                .haveRawType(Node.class)
                .should()
                .haveModifier(JavaModifier.PRIVATE)
                .allowEmptyShould(true)
                .check(DESKTOP);
    }
}
