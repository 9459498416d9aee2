package joropo.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.List;
import java.util.stream.IntStream;
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

    /** The rooms that are no family, floor by floor from below; what is not named here is a family of seals. */
    private static final List<List<String>> FLOORS = List.of(
            List.of("units", "verdict", "tables", "readings", "fits", "sizes", "material"),
            List.of("shaft", "surface", "bearing"),
            List.of("section", "arrangement", "plan", "assembly", "removal", "diagnosis", "leak"));

    /** Above the families. */
    private static final String TRAINING = "training";

    private static final int FAMILIES = FLOORS.size();

    private static int floor(JavaClass c) {
        String room = room(c);
        return room.equals(TRAINING)
                ? FAMILIES + 1
                : IntStream.range(0, FLOORS.size())
                        .filter(f -> FLOORS.get(f).contains(room))
                        .findFirst()
                        .orElse(FAMILIES);
    }

    private static String room(JavaClass c) {
        String path = c.getPackageName().substring("joropo.core".length());
        return path.isEmpty() ? "" : path.substring(1).split("\\.")[0];
    }

    /** Arrows point down the floors, or stay on theirs; a family never looks at another one. */
    private static final ArchRule ARROWS_POINT_DOWN = classes()
            .that()
            .resideInAPackage("joropo.core..")
            .should(new ArchCondition<>("look down only") {
                @Override
                public void check(JavaClass c, ConditionEvents events) {
                    c.getDirectDependenciesFromSelf().stream()
                            .filter(d -> d.getTargetClass().getPackageName().startsWith("joropo.core"))
                            .filter(d -> !mayLookAt(c, d.getTargetClass().getBaseComponentType()))
                            .forEach(d -> events.add(SimpleConditionEvent.violated(d, d.getDescription())));
                }
            });

    private static boolean mayLookAt(JavaClass from, JavaClass to) {
        return room(from).equals(room(to))
                || floor(to) < floor(from)
                || floor(to) == floor(from) && floor(from) < FAMILIES;
    }

    @Test
    void coreHasOnlyTheFriendsItIsAllowed() {
        FRIENDS.check(CORE);
        CSV_IN_ONE_PLACE.check(CORE);
    }

    @Test
    void arrowsPointDownAndNeverRoundInACircle() {
        ARROWS_POINT_DOWN.check(CORE);
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
                .as("a toy family looks at the lip seal's")
                .isThrownBy(() -> ARROWS_POINT_DOWN.check(WITH_TESTS));
        assertThatExceptionOfType(AssertionError.class)
                .as("units and tests refer to each other when sliced by class")
                .isThrownBy(() -> slices().matching("joropo.core.units.(*)")
                        .should()
                        .beFreeOfCycles()
                        .check(CORE));
    }
}
