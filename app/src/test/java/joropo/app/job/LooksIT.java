package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.watch.WatchEntries;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** What comes back by itself: a signed job on its day, a time that is up, and a watch that knows of the new seal. */
class LooksIT {
    private final JdbcTemplate jdbc = Workshop.bean(JdbcTemplate.class);

    @Test
    void aSignedJobComesBackOnItsDayAndItsWatchStartsAnew() throws Exception {
        String number = JobMaker.readyToSign("IN");
        JobMaker.keep(
                number,
                Stage.SIGN,
                "nextLook",
                LocalDate.now(ZoneId.systemDefault()).toString());
        long position = jdbc.queryForObject("select position_id from job where number = ?", Long.class, number);
        long watch = Workshop.bean(WatchEntries.class)
                .start(
                        position,
                        "BOTTLE",
                        "bottle below",
                        Map.of("area", "looks", "allowance", "5"),
                        JobMaker.person("marisol"));
        var fitter = new Visitor(Workshop.address()).signIn("marisol");
        fitter.post("/watches/" + watch + "/entries", "figure", "40", "sent", "looks-" + watch);
        assertThat(fitter.get("/").body()).doesNotContain("/jobs/" + number + "/sign#looks");

        fitter.post("/jobs/" + number + "/signature", "password", "guasimo-marisol");
        assertThat(fitter.get("/").body()).contains("To be looked at again", "/jobs/" + number + "/sign#looks");
        assertThat(fitter.get("/watches/" + watch).body()).contains("seal fitted", "job " + number);

        Long look = jdbc.queryForObject("select max(id) from job_look", Long.class);
        String path = "/jobs/" + number + "/looks/" + look;
        assertThat(fitter.post(path, "note", "kept", "again", "").body()).contains("Has to be said.", "value=\"kept\"");
        assertThat(fitter.post(path, "seen", "SWEATING", "again", "3 Jan 2020").body())
                .contains("Has to be a day to come.");
        fitter.post(path, "seen", "SWEATING", "note", "a film", "again", "24 Dec 2099");
        assertThat(fitter.get("/jobs/" + number + "/sign").body()).contains("sweating", "a film", "24 Dec 2099");
        assertThat(fitter.get("/").body()).doesNotContain("/jobs/" + number + "/sign#looks");
        assertThat(fitter.get("/calendar.ics").body()).contains("20991224", "job-look-");
    }

    @Test
    void aTimeThatIsUpBringsTheJobBackToToday() throws Exception {
        String number = JobMaker.madeSafe();
        var fitter = new Visitor(Workshop.address()).signIn("marisol");
        assertThat(fitter.get("/jobs/" + number + "/prove").body()).contains("look after a shift: 480 min");
        fitter.post("/jobs/" + number + "/timers", "what", "look after ten minutes", "minutes", "10", "from", "prove");
        assertThat(fitter.get("/").body()).doesNotContain("look after ten minutes");
        jdbc.update(
                "insert into job_timer (job_id, what, minutes, person_id, started_at) select id, 'static hold', 30, 1,"
                        + " strftime('%Y-%m-%dT%H:%M:%fZ', 'now', '-31 minutes') from job where number = ?",
                number);
        assertThat(fitter.get("/").body()).contains("Time is up", "static hold", "job " + number);
        jdbc.update(
                "insert into part_entry (job_id, part, state, count, size, reason, follow_up, person_id, entered_at)"
                        + " select id, 'seal', 'UNOBTAINABLE', 1, '45x62x8', 'none to be had', 'ordered, back in May',"
                        + " 1, '2026-11-01T07:00:00.000Z' from job where number = ?",
                number);
        assertThat(fitter.get("/").body()).contains("Waiting for a part", "45x62x8", "ordered, back in May");
    }
}
