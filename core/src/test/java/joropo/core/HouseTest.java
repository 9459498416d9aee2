package joropo.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures;
import org.junit.jupiter.api.Test;

/** Core keeps its arrows and its friends; each rule is also seen to fail on something that breaks it. */
class HouseTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("joropo.core");
    private static final JavaClasses WITH_TESTS = new ClassFileImporter().importPackages("joropo.core");

    private static final ArchRule FRIENDS = classes()
            .that()
            .resideInAPackage("joropo.core..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "java..",
                    "joropo.core..",
                    "org.hipparchus..",
                    "org.apache.commons.csv..",
                    "org.jspecify.annotations..");
    private static final ArchRule CSV_IN_ONE_PLACE = noClasses()
            .that()
            .resideOutsideOfPackage("joropo.core.tables")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.apache.commons.csv..");
    private static final ArchRule NO_CIRCLES =
            slices().matching("joropo.core.(*)..").should().beFreeOfCycles();

    private static Architectures.LayeredArchitecture floors() {
        return Architectures.layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("units")
                .definedBy("joropo.core.units..")
                .layer("tables")
                .definedBy("joropo.core.tables..")
                .layer("verdict")
                .definedBy("joropo.core.verdict..")
                .layer("readings")
                .definedBy("joropo.core.readings..")
                .layer("sizes")
                .definedBy("joropo.core.sizes..")
                .layer("removal")
                .definedBy("joropo.core.removal..")
                .layer("parts")
                .definedBy("joropo.core.fits..", "joropo.core.material..", "joropo.core.surface..")
                .layer("seals")
                .definedBy("joropo.core.lipseal..")
                .layer("section")
                .definedBy("joropo.core.section..")
                .layer("assembly")
                .definedBy("joropo.core.assembly..")
                .layer("plan")
                .definedBy("joropo.core.plan..")
                .whereLayer("plan")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("assembly")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("removal")
                .mayOnlyBeAccessedByLayers("plan")
                .whereLayer("sizes")
                .mayOnlyBeAccessedByLayers("parts", "seals", "section", "plan")
                .whereLayer("section")
                .mayOnlyBeAccessedByLayers("plan")
                .whereLayer("seals")
                .mayOnlyBeAccessedByLayers("section", "plan")
                .whereLayer("parts")
                .mayOnlyBeAccessedByLayers("seals", "section", "assembly", "plan")
                .whereLayer("readings")
                .mayOnlyBeAccessedByLayers("parts", "seals", "section", "assembly", "plan")
                .whereLayer("verdict")
                .mayOnlyBeAccessedByLayers("readings", "parts", "seals", "section", "removal", "assembly", "plan");
    }

    @Test
    void coreHasOnlyTheFriendsItIsAllowed() {
        FRIENDS.check(CORE);
        CSV_IN_ONE_PLACE.check(CORE);
    }

    @Test
    void arrowsPointDownAndNeverRoundInACircle() {
        floors().check(CORE);
        NO_CIRCLES.check(CORE);
    }

    @Test
    void theRulesFailWhenBroken() {
        assertThatExceptionOfType(AssertionError.class)
                .as("tests use JUnit")
                .isThrownBy(() -> FRIENDS.check(WITH_TESTS));
        assertThatExceptionOfType(AssertionError.class)
                .as("the reader itself uses the CSV library")
                .isThrownBy(() -> noClasses()
                        .that()
                        .resideInAPackage("joropo.core.tables")
                        .should()
                        .dependOnClassesThat()
                        .resideInAPackage("org.apache.commons.csv..")
                        .check(CORE));
        assertThatExceptionOfType(AssertionError.class)
                .as("the plan is made from the section")
                .isThrownBy(() -> floors().whereLayer("section")
                        .mayNotBeAccessedByAnyLayer()
                        .check(CORE));
        assertThatExceptionOfType(AssertionError.class)
                .as("units and tests refer to each other when sliced by class")
                .isThrownBy(() -> slices().matching("joropo.core.units.(*)")
                        .should()
                        .beFreeOfCycles()
                        .check(CORE));
    }
}
