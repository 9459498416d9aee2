package joropo.app.settings;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.SelectOption;
import java.nio.file.Path;
import joropo.app.Workshop;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * What a workshop has of its own, typed on its page and used on a sheet; on an application of its own, since others
 * count on the demo's.
 */
class SettingsIT {
    private static ConfigurableApplicationContext application;
    private static String address;

    @BeforeAll
    static void start() {
        Path data = Workshop.temporary("joropo-settings");
        application = Workshop.start(data, true);
        address = "http://127.0.0.1:" + application.getEnvironment().getProperty("local.server.port");
    }

    @AfterAll
    static void stop() {
        application.close();
    }

    private static Page page(String person) {
        Page page = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
        Workshop.signIn(page, address, person);
        return page;
    }

    private static String add(String list) {
        return "form[action='/settings/" + list + "'] button";
    }

    @Test
    void aGaugeIsNamedUsedAndWithdrawn() {
        Page page = page("jacinta");
        page.navigate(address + "/settings");
        page.fill("#gauges-name", "Shop micrometer 7");
        page.fill("#gauges-uncertainty", "wide");
        page.fill("#gauges-due", "next year");
        page.click(add("gauges"));
        assertThat(page.locator("form[action='/settings/gauges'] .wrong").first())
                .containsText("not understood as a length");
        assertThat(page.locator("form[action='/settings/gauges']")).containsText("such as 24 Dec 2026");
        assertThat(page.locator("#gauges-name")).hasValue("Shop micrometer 7");
        page.fill("#gauges-uncertainty", "0.012");
        page.fill("#gauges-due", "2026-01-31");
        page.click(add("gauges"));
        assertThat(page.locator("form[action='/settings/gauges'] .wrong")).containsText("needed");
        page.selectOption("#gauges-kind", "OUTSIDE_MICROMETER");
        page.click(add("gauges"));
        assertThat(page.locator("table").first()).containsText("Shop micrometer 7");

        page.navigate(address + "/jobs/26-0005/measure");
        page.click("summary:has-text('Shaft at the lip')");
        page.selectOption("#shaftGauge", new SelectOption().setLabel("Shop micrometer 7"));
        assertThat(page.locator("#rail")).containsText("gauge ±0.012");
        assertThat(page.locator("#rail")).containsText("Shop micrometer 7 was due on 31 Jan 2026.");

        page.navigate(address + "/settings");
        page.locator("summary[aria-label='withdraw Shop micrometer 7']").click();
        page.locator("details[open] button").click();
        assertThat(page.locator("details[open] .wrong")).hasText("Needs a reason, up to 80 characters.");
        page.fill("details[open] input[name=why]", "dropped");
        page.locator("details[open] button").click();
        assertThat(page.locator("tr.is-gone")).containsText("withdrawn: dropped");
        page.navigate(address + "/jobs/26-0005/measure");
        assertThat(page.locator("#shaftGauge option:checked")).hasText("Shop micrometer 7");
        page.navigate(address + "/jobs/26-0008/measure");
        assertThat(page.locator("#shaftGauge")).not().containsText("Shop micrometer 7");
        Workshop.close(page);
    }

    @Test
    void driversFluidsAndMaterialsOfTheWorksAreOfferedAndJudged() {
        Page page = page("marisol");
        page.navigate(address + "/settings");
        page.fill("#drivers-outside", "2.41 in");
        page.fill("#drivers-note", "turned");
        page.click(add("drivers"));
        assertThat(page.locator("main")).containsText("61.21 mm");
        page.fill("#fluids-code", "go 7");
        page.fill("#fluids-name", "gear oil 7");
        page.selectOption("#fluids-like", "EP_GEAR_OIL");
        page.selectOption("#rateHNBR", "4");
        page.click(add("fluids"));
        assertThat(page.locator("form[action='/settings/fluids'] .wrong")).containsText("capital letters");
        assertThat(page.locator("#rateHNBR")).hasValue("4");
        page.fill("#fluids-code", "GO_7");
        page.click(add("fluids"));
        page.fill("#materials-code", "FKM-X");
        page.fill("#materials-name", "low torque");
        page.selectOption("#materials-family", "FKM");
        page.fill("#materials-minC", "-10");
        page.fill("#materials-maxC", "hot");
        page.click(add("materials"));
        assertThat(page.locator("form[action='/settings/materials'] .wrong"))
                .containsText("not understood as a temperature");
        page.fill("#materials-maxC", "170");
        assertThat(page.locator("#materials-name")).hasValue("low torque");
        page.click(add("materials"));
        assertThat(page.locator("main")).containsText("low torque");

        page.navigate(address
                + "/checks/lip-seal?shaftNominalMm=45&boreNominalMm=62&widthMm=8&speedRpm=1450&"
                + "insideMedium=OIL&insideFluid=GO_7&sumpTemperatureC=70&wetting=SPLASH&dirt=DUST&"
                + "unit=MM");
        assertThat(page.locator(".quick-result")).containsText("HNBR does not stand gear oil 7");
        assertThat(page.locator(".quick-result")).containsText("lip with dust lip, FKM-X, rubber-covered case");
        page.navigate(address + "/checks/driver?shaftMm=45&boreMm=61.6&outsideDiameterMm=61.6&sunkMm=1&unit=MM");
        assertThat(page.locator(".quick-figures")).containsText("61.21");
        Workshop.close(page);
    }

    /**
     * Bare metal over 62 mm in a bore to H8: the wider table leaves less at worst, so the narrower practice reads
     * higher.
     */
    @Test
    void practiceChangesTheAllowancesAndVisitorsChangeNothing() {
        Page guest = page("visita");
        guest.navigate(address + "/settings");
        assertThat(guest.locator("form.add")).hasCount(0);
        assertThat(guest.locator("button[name=practice]").first()).isDisabled();
        Workshop.close(guest);
        Page fitter = page("tobias");
        fitter.navigate(address + "/settings");
        assertThat(fitter.locator("button[name=practice]").first()).isDisabled();
        assertThat(fitter.locator("form[action='/settings/gauges']")).hasCount(0);
        Workshop.close(fitter);
        Page page = page("jacinta");
        String check = address
                + "/checks/lip-seal?shaftNominalMm=45&boreNominalMm=62&widthMm=8&speedRpm=145&insideMedium=OIL&"
                + "sumpTemperatureC=70&wetting=SPLASH&dirt=DUST&caseType=METAL&housingMaterial=STEEL&unit=MM";
        page.navigate(check);
        double wide = least(page);
        page.navigate(address + "/settings");
        page.click("button[value=DIN]");
        assertThat(page.locator("button[value=DIN]")).hasAttribute("aria-pressed", "true");
        page.navigate(check);
        assertThat(least(page)).isGreaterThan(wide);
        page.navigate(address + "/settings");
        page.click("button[value=ISO]");
        assertThat(page.locator("button[value=ISO]")).hasAttribute("aria-pressed", "true");
        Workshop.close(page);
    }

    private static double least(Page page) {
        String figure = page.locator(".quick-figures div:has(dt:text-is('interference')) .n")
                .innerText();
        return Double.parseDouble(figure.replaceAll(" to .*", ""));
    }
}
