package joropo.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaCodeUnitAccess;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import joropo.app.family.toy.ToyFamily;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.Section;
import joropo.core.verdict.Finding;
import joropo.core.verdict.FindingBuilder;
import org.apache.ibatis.annotations.Mapper;
import org.junit.jupiter.api.Test;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The house rules of the application; each is also seen to fail on something that breaks it. */
class HouseTest {
    /** Parts of a record that are told apart by their position. */
    private static final int WIDEST = 8;

    private static final JavaClasses HOUSE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("joropo");

    private static ArchRule coreNeverLooksUp(String core) {
        return noClasses()
                .that()
                .resideInAPackage(core)
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "joropo.app..",
                        "org.springframework..",
                        "tools.jackson..",
                        "com.fasterxml..",
                        "java.sql..",
                        "jakarta..",
                        "org.slf4j..");
    }

    private static ArchRule controllersAskServices(String whose) {
        return noClasses()
                .that()
                .areAnnotatedWith(Controller.class)
                .and()
                .resideInAPackage(whose)
                .should()
                .dependOnClassesThat()
                .areAnnotatedWith(Mapper.class);
    }

    /** A check is called by its one function; controllers of pages never call one themselves. */
    private static final ArchRule PAGES_JUDGE_NOTHING = noClasses()
            .that()
            .areAnnotatedWith(Controller.class)
            .should()
            .callMethodWhere(DescribedPredicate.describe(
                    "a check of core",
                    (JavaMethodCall c) -> c.getTargetOwner().getName().startsWith("joropo.core")
                            && c.getTargetOwner().getSimpleName().matches(".*(Check|Rules)")));

    private static final ArchRule ONE_JACKSON = noClasses()
            .that()
            .resideInAPackage("joropo..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("com.fasterxml.jackson.databind..");

    private static ArchRule drawingKnowsNoJob(String room) {
        return noClasses()
                .that()
                .resideInAPackage(room)
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("joropo.app.job..", "joropo.app.register..");
    }

    private static final ArchRule MAPPERS_STAY_IN_THEIR_ROOM =
            classes().that().areAnnotatedWith(Mapper.class).should().bePackagePrivate();

    /** Neutral rooms of core: what lies beside them is a family's. */
    private static final Set<String> NEUTRAL = Set.of(
            "units",
            "verdict",
            "tables",
            "readings",
            "fits",
            "sizes",
            "material",
            "shaft",
            "surface",
            "bearing",
            "section",
            "arrangement",
            "plan",
            "assembly",
            "removal",
            "diagnosis",
            "leak");

    /** What a class belongs to; a family of the application is a room of its own. */
    private static String room(JavaClass c) {
        String[] path = c.getPackageName().split("\\.");
        return path.length < 3 || !path[1].equals("app")
                ? ""
                : path[2] + (path[2].equals("family") && path.length > 3 ? "." + path[3] : "");
    }

    private static boolean isFamily(String room) {
        return room.startsWith("family.");
    }

    /** A family looks at no other, and nobody looks into one: it is found by its kind. */
    private static List<String> looksIntoAFamily(JavaClasses classes) {
        return uses(classes)
                .filter(d -> isFamily(room(d.getTargetClass())))
                .filter(d -> !room(d.getOriginClass()).equals(room(d.getTargetClass())))
                .map(Dependency::getDescription)
                .toList();
    }

    /** The room of jobs knows no family of core either. */
    private static List<String> jobsKnowAFamily(JavaClasses classes) {
        return uses(classes)
                .filter(d -> room(d.getOriginClass()).equals("job"))
                .filter(d -> d.getTargetClass().getPackageName().startsWith("joropo.core."))
                .filter(d ->
                        !NEUTRAL.contains(d.getTargetClass().getPackageName().split("\\.")[2]))
                .map(Dependency::getDescription)
                .toList();
    }

    /** Other rooms come in by one door; the demo plays people at the bench and is let in everywhere. */
    private static Map<String, Set<String>> doors(JavaClasses classes) {
        Map<String, Set<String>> out = new TreeMap<>();
        uses(classes)
                .filter(d -> !room(d.getOriginClass()).equals(room(d.getTargetClass())))
                .filter(d -> !room(d.getOriginClass()).equals("demo"))
                .filter(d -> !room(d.getTargetClass()).isEmpty()
                        && d.getTargetClass().isMetaAnnotatedWith(Component.class)
                        && !d.getTargetClass().isMetaAnnotatedWith(Configuration.class))
                .forEach(d -> out.computeIfAbsent(room(d.getTargetClass()), r -> new TreeSet<>())
                        .add(d.getTargetClass().getSimpleName()));
        return out;
    }

    /** What was found is said in core: the application never makes a finding of its own. */
    private static List<String> makesFindings(JavaClasses classes) {
        return classes.stream()
                .filter(c -> c.getPackageName().startsWith("joropo.app"))
                .flatMap(c -> c.getCodeUnitCallsFromSelf().stream()
                        .filter(call -> call.getTargetOwner().isEquivalentTo(FindingBuilder.class)
                                || call.getTargetOwner().isEquivalentTo(Finding.class)
                                        && call.getName().matches("<init>|of|missing|computed")))
                .map(JavaCodeUnitAccess::getDescription)
                .toList();
    }

    /** A wide record is made part by part, by name. */
    private static List<String> wideRecordsByPosition(JavaClasses classes) {
        return classes.stream()
                .flatMap(c -> c.getConstructorCallsFromSelf().stream())
                .filter(call -> call.getTargetOwner().isRecord()
                        && call.getTarget().getRawParameterTypes().size() > WIDEST)
                .filter(call -> !call.getOriginOwner().getName().contains("Builder")
                        && !call.getOriginOwner()
                                .isEquivalentTo(call.getTargetOwner().reflect()))
                .map(JavaCodeUnitAccess::getDescription)
                .toList();
    }

    private static Stream<Dependency> uses(JavaClasses classes) {
        return classes.stream()
                .filter(c -> c.getPackageName().startsWith("joropo.app"))
                .flatMap(c -> c.getDirectDependenciesFromSelf().stream());
    }

    private static final ArchRule NO_CIRCLES =
            slices().matching("joropo.app.(**)").should().beFreeOfCycles();

    @Test
    void rulesHold() {
        coreNeverLooksUp("joropo.core..").check(HOUSE);
        controllersAskServices("joropo.app..").check(HOUSE);
        PAGES_JUDGE_NOTHING.check(HOUSE);
        ONE_JACKSON.check(HOUSE);
        drawingKnowsNoJob("joropo.app.drawing..").check(HOUSE);
        MAPPERS_STAY_IN_THEIR_ROOM.check(HOUSE);
        NO_CIRCLES.check(HOUSE);
        noRequiresNew(HOUSE);
        assertThat(looksIntoAFamily(HOUSE)).isEmpty();
        assertThat(jobsKnowAFamily(HOUSE)).isEmpty();
        assertThat(doors(HOUSE).values()).allMatch(d -> d.size() == 1);
        assertThat(makesFindings(HOUSE)).isEmpty();
        assertThat(wideRecordsByPosition(HOUSE)).isEmpty();
    }

    /** A family that stands in the tests alone is seen by the same rules. */
    @Test
    void aNewFamilyIsSeenAtOnce() {
        JavaClasses withToy = new ClassFileImporter().importPackages("joropo.app.family", "joropo.core");
        assertThat(withToy.contain(ToyFamily.class)).isTrue();
        assertThat(looksIntoAFamily(withToy)).isEmpty();
        assertThat(looksIntoAFamily(new ClassFileImporter().importClasses(Peeping.class)))
                .as("a room that looks into it")
                .isNotEmpty();
    }

    @Test
    void rulesFailWhenBroken() {
        assertThatExceptionOfType(AssertionError.class)
                .isThrownBy(() -> coreNeverLooksUp("joropo.app..").check(HOUSE));
        assertThatExceptionOfType(AssertionError.class)
                .isThrownBy(() -> drawingKnowsNoJob("joropo.app.card..").check(HOUSE));
        JavaClasses wrong =
                new ClassFileImporter().importClasses(WrongController.class, WrongMapper.class, WrongService.class);
        assertThatExceptionOfType(AssertionError.class)
                .isThrownBy(() -> controllersAskServices("joropo.app..").check(wrong));
        assertThatExceptionOfType(AssertionError.class).isThrownBy(() -> PAGES_JUDGE_NOTHING.check(wrong));
        assertThatExceptionOfType(AssertionError.class).isThrownBy(() -> MAPPERS_STAY_IN_THEIR_ROOM.check(wrong));
        assertThatExceptionOfType(AssertionError.class).isThrownBy(() -> noRequiresNew(wrong));
        assertThat(makesFindings(wrong)).hasSize(1);
        assertThat(wideRecordsByPosition(wrong)).hasSize(1);
    }

    /** A second write inside a write would wait for itself: there is one writing connection. */
    private static void noRequiresNew(JavaClasses classes) {
        for (JavaClass c : classes) {
            c.getMethods().stream()
                    .filter(m -> m.isAnnotatedWith(Transactional.class))
                    .forEach(m -> {
                        if (m.getAnnotationOfType(Transactional.class).propagation() == Propagation.REQUIRES_NEW) {
                            throw new AssertionError(m.getFullName() + " asks for a transaction of its own");
                        }
                    });
        }
    }

    @Controller
    static final class WrongController {
        private final WrongMapper mapper;

        WrongController(WrongMapper mapper) {
            this.mapper = mapper;
        }

        Object judge(Section section) {
            return LipSealRules.section(section) + mapper.toString();
        }
    }

    /** One part more than anybody can keep apart by position. */
    record PositionLine(int a, int b, int c, int d, int e, int f, int g, int h, int i) {}

    /** Public, as no mapper may be. */
    @Mapper
    public interface WrongMapper {}

    /** Stands outside a family and names it. */
    record Peeping(ToyFamily inside) {}

    @Service
    static class WrongService {
        Finding judge() {
            return Finding.missing("id", "subject", "message", "remedy");
        }

        PositionLine wide() {
            return new PositionLine(1, 2, 3, 4, 5, 6, 7, 8, 9);
        }

        @Transactional(propagation = Propagation.REQUIRES_NEW)
        public void write() {}
    }
}
