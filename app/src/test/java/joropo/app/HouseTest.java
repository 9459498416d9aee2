package joropo.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.Section;
import org.apache.ibatis.annotations.Mapper;
import org.junit.jupiter.api.Test;
import org.springframework.stereotype.Controller;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The house rules of the application; each is also seen to fail on something that breaks it. */
class HouseTest {
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
                            && c.getTargetOwner().getSimpleName().endsWith("Check")));

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

    @Test
    void rulesHold() {
        coreNeverLooksUp("joropo.core..").check(HOUSE);
        controllersAskServices("joropo.app..").check(HOUSE);
        PAGES_JUDGE_NOTHING.check(HOUSE);
        ONE_JACKSON.check(HOUSE);
        drawingKnowsNoJob("joropo.app.drawing..").check(HOUSE);
        MAPPERS_STAY_IN_THEIR_ROOM.check(HOUSE);
        noRequiresNew(HOUSE);
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

    /** Public, as no mapper may be. */
    @Mapper
    public interface WrongMapper {}

    @Service
    static class WrongService {
        @Transactional(propagation = Propagation.REQUIRES_NEW)
        public void write() {}
    }
}
