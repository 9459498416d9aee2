package joropo.app.settings;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import joropo.app.access.PeopleService;
import joropo.app.database.Remembered;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.Practice;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.readings.Gauge;
import joropo.core.units.Day;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;

/** What the workshop has and how it works; kept in memory between changes, since every keystroke asks for it. */
@Service
public class SettingsService {
    private static final String PRACTICE = "practice";
    private static final String PASSWORD_AT_SIGNING = "password-at-signing";
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_CODE = 20;

    /** The lists of own things. */
    public enum Kind {
        GAUGE,
        DRIVER,
        FLUID,
        MATERIAL
    }

    private final SettingsMapper settings;
    private final PeopleService people;
    private final Clock clock;
    private final Remembered<LocalDate, Shop> known;

    SettingsService(
            SettingsMapper settings, PeopleService people, Clock clock, PlatformTransactionManager transactions) {
        known = new Remembered<>(transactions);
        this.settings = settings;
        this.people = people;
        this.clock = clock;
    }

    /** Listed materials that lips are made of. */
    static List<Elastomer> lipMaterials() {
        return LipSealCheck.lipMaterials().stream().map(Elastomer::of).toList();
    }

    /** The workshop today. */
    public Shop shop() {
        return known.get(clock.instant().atZone(ZoneId.systemDefault()).toLocalDate(), this::read);
    }

    private Shop read(LocalDate today) {
        return new Shop(
                settings.value(PRACTICE).map(Practice::valueOf).orElse(Practice.ISO),
                settings.gauges(),
                settings.drivers(),
                settings.fluids(),
                settings.materials(),
                settings.value(PASSWORD_AT_SIGNING).map(Boolean::valueOf).orElse(true),
                today);
    }

    @Transactional
    public void setPractice(Practice practice, String by) {
        settings.setValue(PRACTICE, practice.name());
        changed(by, "works by " + practice);
    }

    /** Many rows were written at once, past this house's own ways: nothing is remembered of before. */
    @Transactional
    public void changedOutside() {
        known.forget();
    }

    @Transactional
    public void setPasswordAtSigning(boolean asked, String by) {
        settings.setValue(PASSWORD_AT_SIGNING, String.valueOf(asked));
        changed(by, asked ? "asks for the password at signing" : "asks for no password at signing");
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public void addGauge(
            String name,
            @Nullable Gauge kind,
            @Nullable Double uncertaintyMm,
            String certificate,
            @Nullable LocalDate dueOn,
            String by) {
        name(name)
                .given("kind", kind)
                .given("uncertainty", uncertaintyMm)
                .that(
                        "uncertainty",
                        uncertaintyMm == null || uncertaintyMm >= 0 && uncertaintyMm <= 1,
                        "must lie between 0 and 1 mm")
                .that(
                        "certificate",
                        certificate.length() <= LONGEST_NAME,
                        "has room for " + LONGEST_NAME + " characters")
                .done();
        settings.addGauge(name.strip(), kind, uncertaintyMm, certificate.strip(), dueOn, clock.instant());
        changed(by, "added gauge " + name.strip());
    }

    /** A gauge has a new certificate. @throws RefusedInput without the day on which that ends */
    @Transactional
    public void renewGauge(long id, String certificate, @Nullable LocalDate dueOn, String by) {
        new Needs()
                .given("due", dueOn)
                .that(
                        "certificate",
                        certificate.length() <= LONGEST_NAME,
                        "has room for " + LONGEST_NAME + " characters")
                .done();
        if (settings.renewGauge(id, certificate.strip(), dueOn) > 0) {
            changed(by, "renewed gauge " + id + ": certificate " + certificate.strip() + ", due " + Day.words(dueOn));
        }
    }

    /**
     * @param positionId the position it was made for, absent: of the set. @throws RefusedInput naming each field that
     *     will not do
     */
    @Transactional
    public void addDriver(@Nullable Double outsideMm, String note, @Nullable Long positionId, String by) {
        new Needs()
                .given("outside", outsideMm)
                .that("note", note.length() <= LONGEST_NAME, "has room for " + LONGEST_NAME + " characters")
                .done();
        settings.addDriver(outsideMm, note.strip(), positionId, clock.instant());
        changed(by, "added driver " + outsideMm + " mm");
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public void addFluid(OwnFluid fluid, String by) {
        name(fluid.name())
                .that(
                        "code",
                        isCode(fluid.code())
                                && shop().fluids().stream()
                                        .noneMatch(f -> f.code().equals(fluid.code()))
                                && Fluid.all().stream().noneMatch(f -> f.key().equals(fluid.code())),
                        "needs 1 to " + LONGEST_CODE + " capital letters, figures or _ and must not be taken")
                .that("like", Fluid.all().stream().anyMatch(f -> f.key().equals(fluid.likeFluid())), "is needed")
                .done();
        fluid.fluid();
        settings.addFluid(fluid, clock.instant());
        changed(by, "added fluid " + fluid.code());
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public void addMaterial(OwnMaterial material, String by) {
        name(material.name())
                .that(
                        "code",
                        material.code().matches("[A-Z0-9][A-Z0-9 _.-]{0,19}")
                                && shop().materials().stream()
                                        .noneMatch(m -> m.code().equals(material.code()))
                                && Elastomer.all().stream()
                                        .noneMatch(e -> e.code().equals(material.code())),
                        "needs 1 to " + LONGEST_CODE + " capital letters or figures and must not be taken")
                .that("family", Elastomer.all().stream().anyMatch(e -> e.code().equals(material.family())), "is needed")
                .done();
        material.material();
        settings.addMaterial(material, clock.instant());
        changed(by, "added material " + material.code());
    }

    /** Nothing is deleted: a thing that is gone is withdrawn with its reason. @throws RefusedInput without one */
    @Transactional
    public void withdraw(Kind kind, long id, String why, String by) {
        new Needs()
                .that(
                        "why",
                        !why.isBlank() && why.length() <= LONGEST_NAME,
                        "needs a reason, up to " + LONGEST_NAME + " characters")
                .done();
        String reason = why.strip();
        int gone =
                switch (kind) {
                    case GAUGE -> settings.withdrawGauge(id, reason);
                    case DRIVER -> settings.withdrawDriver(id, reason);
                    case FLUID -> settings.withdrawFluid(id, reason);
                    case MATERIAL -> settings.withdrawMaterial(id, reason);
                };
        if (gone > 0) {
            changed(by, "withdrew " + kind.name().toLowerCase(Locale.ROOT) + " " + id + ": " + reason);
        }
    }

    private static Needs name(String name) {
        return new Needs()
                .that(
                        "name",
                        !name.isBlank() && name.length() <= LONGEST_NAME,
                        "needs 1 to " + LONGEST_NAME + " characters");
    }

    private static boolean isCode(String code) {
        return code.matches("[A-Z0-9_]{1,20}");
    }

    /** Written down, and forgotten here once it is on the disk. */
    private void changed(String by, String what) {
        people.record(by, what);
        known.forget();
    }
}
