package joropo.app.family.toy;

import static org.assertj.core.api.Assertions.assertThat;

import joropo.app.JoropoApplication;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.register.NewPosition;
import joropo.app.register.RegisterService;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** A kind of seal is one folder in core and one in the application: nothing else was touched for this one. */
class ToyFamilyIT {
    private static ConfigurableApplicationContext application;
    private static Visitor visitor;

    @BeforeAll
    static void start() throws Exception {
        application = new SpringApplicationBuilder(JoropoApplication.class)
                .run(
                        "--server.port=0",
                        "--joropo.data=" + Workshop.temporary("joropo-toy"),
                        "--joropo.demo=true",
                        "--joropo.toy=true");
        visitor = new Visitor("http://127.0.0.1:" + application.getEnvironment().getProperty("local.server.port"))
                .onScreen("SHEET")
                .signIn("marisol");
    }

    @AfterAll
    static void stop() {
        application.close();
    }

    private static String openedJob() throws Exception {
        RegisterService register = application.getBean(RegisterService.class);
        long machine = register.addMachine("Toy mill " + System.nanoTime(), "yard", "", "jacinta");
        long position = register.addPosition(
                machine, new NewPosition("output", 45.0, 62.0, Medium.OIL, Dirt.DUST, null, 1450.0), "jacinta");
        String opened = visitor.post("/machines/positions/" + position + "/jobs")
                .headers()
                .firstValue("Location")
                .orElseThrow();
        return opened.substring(opened.indexOf("/jobs/"));
    }

    @Test
    void itsItemSitsInsideALipSealJob() throws Exception {
        String job = openedJob();
        assertThat(visitor.get(job + "/measure").body()).doesNotContain("i2-thickness");
        visitor.post(job + "/items", "kind", "GASKET");
        assertThat(visitor.get(job + "/measure").body())
                .contains("id=\"shaftA1\"", "id=\"i2-thickness\"", "Of the same paper as the old one.")
                .contains("gasket: thickness of the gasket");

        String echo = visitor.swap(job + "/measure/draft", "tab", "t", "seq", "0", "i2-thickness", "0.3")
                .body();
        assertThat(echo).contains("out of limits", "squeezed to", ">0.24<", "0.300 mm");
        assertThat(visitor.post(job + "/measure", "tab", "t", "seq", "1").body())
                .as("its family wants it before the sheet is kept")
                .contains("A gasket is measured.");
        assertThat(visitor.get(job + "/fit").body()).contains("Lay the gasket dry.", "part-line-i2-gasket");
    }

    /** The plan of one item never stands in for that of another. */
    @Test
    void noItemIsSignedUndecided() throws Exception {
        String job = openedJob();
        visitor.post(job + "/items", "kind", "GASKET");
        assertThat(visitor.get(job + "/fit").body()).contains("Lay the gasket dry.");
        assertThat(visitor.get(job + "/sign").body())
                .contains("There is no fitting plan: the lip seal is not decided.");
    }

    @Test
    void aKindWithoutAFamilyIsRefused() throws Exception {
        String job = openedJob();
        assertThat(visitor.post(job + "/items", "kind", "BELLOWS").body())
                .contains("Is bellows: there is no work for that here yet.");
    }

    @Test
    void itsQuickCheckListsItself() throws Exception {
        assertThat(visitor.get("/checks").body()).contains("/checks/gasket");
        assertThat(visitor.get("/checks/gasket?unit=MM&thicknessMm=0.3").body()).contains("wrong");
        assertThat(visitor.get("/api/v1/checks").body()).contains("\"gasket\"");
        assertThat(visitor.json("/api/v1/checks/gasket", "{\"thicknessMm\":1.5}")
                        .body())
                .contains("\"verdict\":\"PASS\"", "\"squeezedMm\":1.2")
                .doesNotContain("\"results\":{\"squeezedMm\":1.2,\"findings\"");
    }
}
