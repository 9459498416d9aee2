package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.family.JobFinding;
import joropo.app.family.Stage;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;

/** Every finding leads to the field in which it is answered, whatever is sealed, on the stage where that stands. */
class LinksIT {
    private static List<JobLine> jobs() {
        JobService jobs = Workshop.bean(JobService.class);
        return jobs.ofNumbers(Workshop.bean(org.springframework.jdbc.core.JdbcTemplate.class)
                .queryForList("select number from job where number < '27' order by id", String.class)
                .stream()
                .limit(41)
                .toList());
    }

    @Test
    void aFindingKnowsItsField() {
        var unknown = new TreeSet<String>();
        for (JobLine line : jobs()) {
            JobWork work = Workshop.bean(JobWorks.class)
                    .of(Workshop.bean(JobStore.class).load(line.number()));
            for (JobFinding f : work.findings()) {
                if (work.fieldOf(f).isEmpty()) {
                    unknown.add(work.items().get(0).item().kind() + " " + f.stage() + " "
                            + f.finding().id() + " " + f.finding().subject());
                }
            }
        }
        assertThat(unknown).isEmpty();
    }

    @Test
    void everyLinkOfEveryJobLeadsToAFieldThatIsThere() throws Exception {
        Visitor visitor = new Visitor(Workshop.address()).signIn("jacinta");
        Map<String, Document> pages = new HashMap<>();
        int followed = 0;
        var lost = new TreeSet<String>();
        for (JobLine line : jobs()) {
            for (Stage stage : Stage.values()) {
                String path = "/jobs/" + line.number() + "/" + stage.path();
                pages.put(path, Jsoup.parse(visitor.get(path).body()));
            }
        }
        for (Document page : List.copyOf(pages.values())) {
            for (Element link : page.select("a.to-field")) {
                String[] href = link.attr("href").split("#");
                followed++;
                if (href.length < 2
                        || pages.get(href[0]) == null
                        || pages.get(href[0]).getElementById(href[1]) == null) {
                    lost.add(link.attr("href") + " " + link.closest("li").text());
                }
            }
        }
        assertThat(lost).isEmpty();
        assertThat(followed).isGreaterThan(1000);
    }
}
