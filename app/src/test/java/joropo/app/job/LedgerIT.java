package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.microsoft.playwright.Page;
import java.time.Instant;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;

/** Things put in for a time and fasteners on trial stop the signature; what was learnt stays at the position. */
class LedgerIT {
    private static String url(String number, String stage) {
        return Workshop.address() + "/jobs/" + number + "/" + stage;
    }

    /** What comes in between the last look and the signature is looked at first. */
    @Test
    void aJobThatIsChangedMeanwhileIsNotSigned() {
        String number = JobMaker.readyToSign("IN");
        var store = Workshop.bean(JobStore.class);
        JobState seen = store.load(number);
        Workshop.bean(JobService.class)
                .enter(number, JobEntry.Kind.TEMPORARY, "rag in the drain", true, JobMaker.person("tobias"));
        Signing signing = Signing.of(Workshop.bean(JobWorks.class).of(seen), "{}", "0", "Marisol");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> store.sign(seen, signing, JobMaker.person("marisol"), Instant.now()))
                .withMessageContaining("changed this job at the same moment");
        assertThat(store.load(number).isOpen()).isTrue();
    }

    @Test
    void whoSignsSaysOnceMoreWhoTheyAreUnlessALeadDecidesOtherwise() throws Exception {
        String number = JobMaker.readyToSign("IN");
        String path = "/jobs/" + number + "/signature";
        var fitter = new Visitor(Workshop.address()).signIn("tobias");
        assertThat(fitter.post(path).body()).contains("Is asked for once more.");
        assertThat(fitter.post(path, "password", "guasimo-marisol").body()).contains("Is not the one of tobias.");
        assertThat(Workshop.bean(JobStore.class).load(number).isOpen()).isTrue();
        assertThat(fitter.post("/settings/signing", "asked", "false").statusCode())
                .isEqualTo(403);
        assertThat(fitter.post("/settings/practice", "practice", "DIN").statusCode())
                .isEqualTo(403);
        assertThat(fitter.post("/settings/gauges", "name", "x").statusCode()).isEqualTo(403);
        assertThat(fitter.post("/settings/GAUGE/1/withdrawal", "why", "x").statusCode())
                .isEqualTo(403);
        var lead = new Visitor(Workshop.address()).signIn("jacinta");
        lead.post("/settings/signing", "asked", "false");
        try {
            fitter.post(path);
            assertThat(Workshop.bean(JobStore.class).load(number).isOpen()).isFalse();
        } finally {
            lead.post("/settings/signing", "asked", "true");
        }
    }

    @Test
    void aRagLeftInAndABoltOnTrialEachStopTheSignature() {
        String number = JobMaker.readyToSign("IN");
        Page page = Workshop.page("marisol");
        page.navigate(url(number, "fit"));
        page.click("#ledger form.row:has(#entry-TEMPORARY) button");
        assertThat(page.locator("#ledger .wrong")).hasText("Needs a name, up to 60 characters.");
        page.fill("#entry-TEMPORARY", "rag in the bore");
        page.keyboard().press("Enter");
        assertThat(page.locator("#ledger .is-open")).containsText("rag in the bore");
        page.fill("#entry-FASTENER", "cover bolts");
        page.keyboard().press("Enter");
        assertThat(page.locator("#ledger .is-open")).hasCount(2);
        page.navigate(url(number, "sign"));
        assertThat(page.locator(".open-list")).containsText("rag in the bore: put in for a time and not counted out.");
        assertThat(page.locator(".open-list")).containsText("cover bolts: still tightened on trial.");
        assertThat(page.locator("#sign")).isDisabled();
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> Workshop.bean(JobService.class).sign(number, JobMaker.person("marisol")))
                .withMessageContaining("rag in the bore");
        page.navigate(url(number, "set"));
        page.click("button[aria-label='Count it out: rag in the bore']");
        assertThat(page.locator("#ledger .is-open")).hasCount(1);
        page.navigate(url(number, "sign"));
        assertThat(page.locator("#sign")).isDisabled();
        page.navigate(url(number, "set"));
        page.click("button[aria-label='Make it final: cover bolts']");
        assertThat(page.locator("#ledger .is-open")).hasCount(0);
        page.navigate(url(number, "sign"));
        Workshop.sign(page, "marisol");
        assertThat(Workshop.bean(JobService.class).snapshot(number).counted())
                .contains("rag in the bore: counted out, Marisol Araguaney", "cover bolts: final, Marisol Araguaney");
        Workshop.close(page);
    }

    @Test
    void whatWasLearntIsShownAtThePositionAndAtItsNextJob() {
        String number = JobMaker.readyToSign("IN");
        var person = JobMaker.person("marisol");
        JobMaker.keep(
                number,
                Stage.STRIP,
                "isolated",
                "yes",
                "locked",
                "yes",
                "pressureOff",
                "yes",
                "foundState",
                "HARD",
                "signGROOVE_IN_SHAFT",
                "ABSENT");
        JobMaker.keep(number, Stage.SIGN, "causeConfirmed", "HEAT");
        Page page = Workshop.page("marisol");
        page.navigate(url(number, "sign"));
        page.fill("#next-fitter", "The drain is behind the guard.");
        page.click("#notes button");
        assertThat(page.locator("#notes")).containsText("The drain is behind the guard.");
        Workshop.sign(page, "marisol");
        JobState state = Workshop.bean(JobStore.class).load(number);
        page.navigate(Workshop.address() + "/machines/" + state.position().machineId());
        assertThat(page.locator(".journal-body")).containsText("past causes: heat");
        page.navigate(Workshop.address() + "/find?q=cause+heat");
        assertThat(page.locator("#main")).containsText(number);
        String next = Workshop.bean(JobService.class)
                .open(state.position().id(), person)
                .number();
        page.navigate(url(next, "intake"));
        assertThat(page.locator("aside.notice")).containsText("The drain is behind the guard.");
        Workshop.close(page);
    }
}
