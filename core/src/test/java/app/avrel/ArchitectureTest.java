package app.avrel;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import app.avrel.posture.move.Move;
import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.List;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    /** Ground floor first: each package may use only those before it. */
    private static final List<String> FLOORS = List.of(
            "label",
            "floor",
            "body",
            "house",
            "posture",
            "motion",
            "mechanics",
            "words",
            "form",
            "rules",
            "cue",
            "lesson",
            "project");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.avrel");

    @Test
    void eachFloorOfTheHouseStandsOnlyOnThoseBelow() {
        LayeredArchitecture house = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String floor : FLOORS) {
            house = house.layer(floor).definedBy("app.avrel." + floor + "..");
        }
        for (int i = 0; i < FLOORS.size(); i++) {
            List<String> above = FLOORS.subList(i + 1, FLOORS.size());
            house = above.isEmpty()
                    ? house.whereLayer(FLOORS.get(i)).mayNotBeAccessedByAnyLayer()
                    : house.whereLayer(FLOORS.get(i)).mayOnlyBeAccessedByLayers(above.toArray(String[]::new));
        }
        house.check(CORE);
    }

    @Test
    void everyPackageOfTheCoreIsAFloorOfTheHouse() {
        classes()
                .should()
                .resideInAnyPackage(FLOORS.stream()
                        .map(floor -> "app.avrel." + floor + "..")
                        .toArray(String[]::new))
                .check(CORE);
    }

    /** The words of the languages come along as resources; only the lexicon, the books of phrases and the labels read those. */
    @Test
    void theCoreKnowsNoInterfaceNoFormatsAndNoFiles() {
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName("app.avrel.words.lexicon.Lexicon")
                .and()
                .doNotHaveFullyQualifiedName("app.avrel.words.say.PhraseBook")
                .and()
                .doNotHaveFullyQualifiedName("app.avrel.label.Bundles")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "javafx..",
                        "java.awt..",
                        "javax.swing..",
                        "java.io..",
                        "java.nio.file..",
                        "java.nio.channels..",
                        "java.net..",
                        "tools.jackson..",
                        "com.fasterxml..",
                        "org.apache.pdfbox..")
                .check(CORE);
    }

    @Test
    void movesAreDataWithoutBehaviour() {
        classes()
                .that()
                .implement(Move.class)
                .and(DescribedPredicate.describe("are not interfaces", type -> !type.isInterface()))
                .should()
                .beRecords()
                .check(CORE);
    }

    @Test
    void valuesDoNotChange() {
        classes().that().areRecords().should().haveOnlyFinalFields().check(CORE);
    }
}
