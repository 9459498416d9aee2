package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import joropo.app.Visitor;
import joropo.app.Workshop;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** What a lead says of a job: it goes back with a remark, is answered, and is countersigned by somebody else. */
class ReviewIT {
    private final JdbcTemplate jdbc = Workshop.bean(JdbcTemplate.class);

    private String ready() {
        String number = JobMaker.readyToSign("IN");
        jdbc.update(
                "update seal_position set cares = 'COUNTERSIGNED' where id = (select position_id from job where "
                        + "number = ?)",
                number);
        return number;
    }

    @Test
    void whatIsSignedGoesBackIsAnsweredAndCountersigned() throws Exception {
        String number = ready();
        String at = "/jobs/" + number;
        var fitter = new Visitor(Workshop.address()).signIn("marisol");
        var lead = new Visitor(Workshop.address()).signIn("jacinta");
        assertThat(lead.post(at + "/reviews", "kind", "COUNTERSIGNED").body())
                .contains("waits until the job is signed");
        fitter.post(at + "/signature", "password", "guasimo-marisol");
        assertThat(fitter.get(at + "/sign").body()).contains("Waits for a lead to countersign it.");
        assertThat(lead.get("/").body()).contains("To be countersigned").contains(number);
        assertThat(fitter.post(at + "/reviews", "kind", "COUNTERSIGNED").statusCode())
                .isEqualTo(403);
        assertThat(lead.post(at + "/reviews", "kind", "SENT_BACK", "remark", " ")
                        .body())
                .contains("The remark is needed: what is to be done about it.");
        lead.post(at + "/reviews", "kind", "SENT_BACK", "remark", "Which gauge read the bore?");
        assertThat(fitter.get("/").body()).contains("Sent back to you").contains(number);
        assertThat(fitter.get(at + "/sign").body()).contains("Which gauge read the bore?", "answer the remark");
        assertThat(jdbc.queryForObject("select state from job where number = ?", String.class, number))
                .isEqualTo("SIGNED");
        fitter.post(at + "/addenda", "text", "Bore gauge 3.");
        assertThat(fitter.get("/").body()).doesNotContain("Sent back to you");
        lead.post(at + "/reviews", "kind", "COUNTERSIGNED", "remark", "");
        assertThat(lead.get(at + "/sign").body()).contains("countersigned").doesNotContain("Waits for a lead");
        assertThat(Workshop.bean(JobService.class).reviews(number))
                .extracting(Review::kind)
                .containsExactly(Review.Kind.SENT_BACK, Review.Kind.COUNTERSIGNED);
    }

    @Test
    void nobodyCountersignsTheirOwnAndAnOpenJobIsMended() throws Exception {
        String own = ready();
        var lead = new Visitor(Workshop.address()).signIn("jacinta");
        lead.post("/jobs/" + own + "/signature", "password", "guasimo-jacinta");
        assertThat(lead.post("/jobs/" + own + "/reviews", "kind", "COUNTERSIGNED")
                        .body())
                .contains("comes from somebody else than who signed");
        String open = ready();
        lead.post("/jobs/" + open + "/reviews", "kind", "SENT_BACK", "remark", "Read the bore again.");
        var fitter = new Visitor(Workshop.address()).signIn("marisol");
        assertThat(fitter.get("/jobs/" + open + "/sign").body()).contains("mend it, then sign");
        fitter.post("/jobs/" + open + "/sign", "remark", "read again");
        assertThat(fitter.get("/jobs/" + open + "/sign").body()).doesNotContain("mend it, then sign");
    }
}
