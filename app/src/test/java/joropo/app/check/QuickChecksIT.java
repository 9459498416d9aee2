package joropo.app.check;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.job.JobService;
import joropo.app.job.JobSheets;
import joropo.app.register.NewPosition;
import joropo.app.register.RegisterService;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One question without a job: typed, answered, sent as a link, taken into a job. */
class QuickChecksIT {
    private static Person person(String name) {
        return Workshop.bean(PeopleService.class).find(name).orElseThrow();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "limits-and-fits | sizeMm=45&holeClass=H8&shaftClass=h11 | 44.840 to 45.000",
                "diameter | part=BORE&nominalMm=62&toleranceClass=H8&gauge=TELESCOPIC&a1=62,041&a2=62.038 | too close "
                        + "for this gauge",
                "lip-seal-size | shaftMm=44.96&boreMm=62.02&depthMm=10.2&marking=45 62 8 | 45x62x8",
                "removal | what=LIP_SEAL&edgeReachable=YES&behindMm=6&besideBrittleFace=NO | lever, with a pad "
                        + "under the tool",
                "thermal-fit | sizeMm=80&interferenceMm=0.05&part=OUTER&material=STEEL | heat to",
                "seat-squareness | "
                        + "outsideDiameterMm=62&gaugeCircleMm=54&depth12=2.5&depth3=2.5&depth6=2.8&depth9=2.5 | tap at",
                "o-ring-gland | "
                        + "gland=PISTON&motion=STATIC&counterDiameterMm=60&grooveDiameterMm=54.36&grooveWidthMm=4.8&"
                        + "ring=227&tolGrooveMm=0.02 | Squeezed as usual",
                "o-ring-size | foundSectionMm=3.42&foundInsideMm=54.5 | likely, used: 53.57 inside",
                "o-ring-size | gland=ROD&motion=STATIC&counterDiameterMm=40&otherDiameterMm=40.1 | Grooves that "
                        + "would do",
                "loaded-ring | "
                        + "gland=PISTON&counterDiameterMm=80&grooveDepthMm=5.5&grooveWidthMm=4.2&slideThicknessMm=2.5&"
                        + "slideWidthMm=4.05&sectionMm=3.53&ringInsideMm=66.27 | sleeve that sizes it back",
                "counterface | part=ROD&motion=RECIPROCATING&diameterMm=50&mark=PIT | cuts the ring",
                "torque-plan | bolts=6&torque=24&torqueUnit=NM&figureFor=DRY&threads=DRY | 1, 4, 2, 5, 3, 6",
                "diagnosis | signLIP_HARD=SEEN&signRAN_DRY=SEEN&signWET_BELOW=ABSENT | heat, 5.0",
                "running-surface | "
                        + "nominalMm=45&measuredMm=44.97&seen=GROOVE_CATCHES&grooveDepthMm=0.06&grooveWidthMm=1.3&"
                        + "boreMm=62 | thin repair sleeve",
                "lip-seal | "
                        + "shaftNominalMm=45&boreNominalMm=62&widthMm=8&angleDeg=90&perMinute=20&"
                        + "insideMedium=GREASE&sumpTemperatureC=60&wetting=GREASE&dirt=DUST | Struck out, "
                        + "and why"
            })
    void eachAnswersALink(String kind, String query, String expected) {
        Page page = Workshop.page("visita");
        page.navigate(Workshop.address() + "/checks/" + kind + "?unit=MM&" + query.replace(" ", "%20"));
        assertThat(page.locator(".quick-result")).containsText(expected);
        assertThat(page.locator(".wrong")).hasCount(0);
        Workshop.close(page);
    }

    @Test
    void whatIsTypedIsAnsweredAndItsLinkSaysTheSameToSomebodyWithInches() {
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/checks");
        page.click("a[href='/checks/driver']");
        page.fill("#shaftMm", "45");
        page.fill("#boreMm", "62 m");
        page.fill("#outsideDiameterMm", "40");
        page.click("#check button.keep");
        assertThat(page.locator("#echo-boreMm .wrong")).containsText("not understood as a length");
        assertThat(page.locator("#boreMm")).hasValue("62 m");
        page.fill("#boreMm", "62");
        page.click("#check button.keep");
        assertThat(page.locator("#echo-outsideDiameterMm .wrong")).containsText("Must be above the shaft");
        page.fill("#outsideDiameterMm", "62");
        page.fill("#sunkMm", "2");
        page.click("#check button.keep");
        assertThat(page.locator(".quick-figures")).containsText("56.33");
        Download file = page.waitForDownload(() -> page.click("a[download='driver.dxf']"));
        assertThat(Files.exists(file.path())).isTrue();
        String link = page.locator("#check-link").getAttribute("href");
        assertThat(link).contains("shaftMm=45", "sunkMm=2", "unit=MM");
        Workshop.close(page);

        Workshop.bean(PeopleService.class).setUnit(person("jacinta"), LengthUnit.INCH);
        Page other = Workshop.page("jacinta");
        other.navigate(Workshop.address() + link);
        assertThat(other.locator("#shaftMm")).hasValue("45 mm");
        assertThat(other.locator(".quick-figures")).containsText("2.2177");
        Workshop.bean(PeopleService.class).setUnit(person("jacinta"), LengthUnit.MM);
        Workshop.close(other);
    }

    @Test
    void aJobTakesWhatIsStillBlankAndKeepsWhatStandsThere() {
        var register = Workshop.bean(RegisterService.class);
        long machine = register.addMachine("Quick stand", "workshop", "", "jacinta");
        long position = register.addPosition(
                machine, new NewPosition("output", 45.0, 62.0, Medium.OIL, Dirt.DUST, null, 1450.0), "jacinta");
        var jobs = Workshop.bean(JobService.class);
        String number = jobs.open(position, person("marisol")).number();
        Workshop.bean(JobSheets.class)
                .type(
                        number,
                        Stage.MEASURE,
                        new JobSheets.Posted("test", 0, LengthUnit.MM, Map.of("ra", "0.4")),
                        person("marisol"));

        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address()
                + "/checks/running-surface?unit=MM&nominalMm=45&grooveDepthMm=3%20thou&grooveWidthMm=1.3&"
                + "raUm=0.6&seen=GROOVE_CATCHES");
        page.selectOption("#take-job", number);
        page.click("form[action$='/take'] button");
        page.waitForURL("**/jobs/" + number + "/measure");
        assertThat(page.locator("#grooveDepth")).hasValue("3 thou");
        assertThat(page.locator("#surface")).hasValue("GROOVE_CATCHES");
        assertThat(page.locator("#ra")).hasValue("0.4");
        page.navigate(Workshop.address() + "/checks/running-surface?unit=MM&nominalMm=45&grooveDepthMm=9&raUm=0.6");
        page.selectOption("#take-job", number);
        page.click("form[action$='/take'] button");
        assertThat(page.locator(".notice")).containsText("brings nothing that is still blank in job " + number);
        page.navigate(Workshop.address()
                + "/checks/lip-seal?unit=MM&shaftNominalMm=45&boreNominalMm=62&widthMm=8&speedRpm=1450&"
                + "insideMedium=OIL&sumpTemperatureC=75&wetting=BATH&dirt=DUST");
        page.selectOption("#take-job", number);
        page.click("form[action$='/take'] button");
        page.waitForURL("**/jobs/" + number + "/intake");
        assertThat(page.locator("#sump")).hasValue("75");
        page.navigate(Workshop.address() + "/jobs/" + number + "/decide");
        assertThat(page.locator("#size")).hasValue("45x62x8 mm");
        Workshop.close(page);
    }

    @Test
    void everyCheckBeginsWithAnExampleAndAnswersWhileItIsTyped() throws Exception {
        Visitor visitor = new Visitor(Workshop.address()).signIn("marisol");
        for (QuickForm form : Workshop.bean(QuickService.class).forms()) {
            String example = Examples.query(form.path());
            assertThat(visitor.get("/checks/" + form.path() + example).body())
                    .as(form.path())
                    .contains("quick-verdict")
                    .doesNotContain("class=\"wrong\"");
        }
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/checks/seat-squareness");
        page.click("#example");
        assertThat(page.locator(".quick-result svg.section, .quick-result svg").first())
                .isVisible();
        assertThat(page.locator(".quick-verdict b")).containsText("past the limit");
        for (String place : List.of("12", "3", "6", "9")) {
            page.fill("#depth" + place, "2.50");
        }
        assertThat(page.locator(".quick-verdict b")).not().containsText("past the limit");
        page.locator("[data-clock='6']").first().click();
        assertThat(page.locator("#depth6")).isFocused();
        page.fill("#outsideDiameterMm", "");
        assertThat(page.locator("#quick-out")).containsText("Still needed: ");
        Workshop.close(page);
    }
}
