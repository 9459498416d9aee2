package joropo.app.job;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.access.Person;
import joropo.app.family.Families;
import joropo.app.family.Stage;
import joropo.app.job.JobSheets.Posted;
import joropo.app.register.NewPosition;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.FormElement;
import org.jsoup.select.Elements;

/**
 * People who press whatever the pages of a job offer and type whatever comes to mind: whatever they did, every page of
 * their job opens.
 */
public final class RandomJobs {
    private static final int ACTS = 12;
    private static final int MOST_TYPED = 14;
    private static final int MOST_FAULTS = 10;
    private static final int ARRANGED = 14;
    private static final int FIGURES = 24;
    private static final PartKind[] BESIDE = {
        PartKind.RETAINING_RING,
        PartKind.BEARING,
        PartKind.WASHER,
        PartKind.SPACER,
        PartKind.SLINGER,
        PartKind.SHIM,
        PartKind.COVER,
        PartKind.SLEEVE
    };
    private static final String[] PLACES = {
        "foundDepth",
        "stopDepth",
        "turningDepth",
        "plannedDepth",
        "cylDepth",
        "size",
        "groundFrom",
        "groundTo",
        "depth12",
        "depth3",
        "depth6",
        "depth9",
        "leadInLength",
        "shaftA1",
        "boreA1",
        "cornerRadius",
        "grooveDepth",
        "playBefore",
        "playMeasured"
    };
    private static final List<Medium> MEDIA = List.of(Medium.values());
    private static final String[] TEXTS = {
        "0",
        "0",
        "1",
        "2",
        "2.00",
        "2",
        "6.95",
        "7.40",
        "8",
        "8",
        "10",
        "10.5",
        "12",
        "16",
        "16.00 16.02",
        "24",
        "30",
        "0.001",
        "4999.9",
        "45",
        "62",
        "62.015",
        "70",
        "5000",
        "120",
        "-1",
        "-2",
        "-8",
        "0.05",
        "0.2",
        "0.3",
        "3.53",
        "5",
        "45x62x8",
        "45x62x7",
        "50x72x8",
        "53.57x3.53",
        "200x3",
        "12 thou",
        "1 9/16\"",
        "1.575 in",
        "44,98",
        "0.5 0.2 2x0.1",
        "0.00 0.02 0.05 0.03",
        "0 60 30 2; 12 40 28 3",
        "2026-12-24",
        "24 Dec 2026",
        "1/3",
        "",
        "",
        "x",
        "nought",
        "1e9",
        "NaN",
        "999999",
        "<b>",
        "batch B-1, cured 1Q2025",
        "looked at, sound: lip soft, no cut",
        "rag",
        "top",
        "bottom"
    };
    private final Visitor visitor;
    private final Random random;
    private final List<String> wrong = new ArrayList<>();
    private int jobs;
    private int acts;
    private int opened;
    private String job = "";
    private final List<String> done = new ArrayList<>();

    private RandomJobs(Visitor visitor, long seed) {
        this.visitor = visitor;
        random = new Random(seed);
    }

    /**
     * What was tried. @param opened pages, cards and frozen records, @param wrong those that did not open, with what
     * led there
     */
    public record Tried(int jobs, int acts, int opened, List<String> wrong) {
        public String words() {
            return jobs + " jobs, " + acts + " acts, " + opened + " pages";
        }
    }

    /** So many jobs, or as many as a time allows. @param seed of the first job; each further one has the next */
    public static Tried run(long seed, int jobs, Duration most) throws Exception {
        Visitor visitor = new Visitor(Workshop.address()).signIn("jacinta");
        long end = System.nanoTime() + most.toNanos();
        var all = new Tried(0, 0, 0, new ArrayList<>());
        for (int i = 0; i < jobs && System.nanoTime() < end && all.wrong.size() < MOST_FAULTS; i++) {
            RandomJobs one = new RandomJobs(visitor, seed + i);
            one.job(seed + i);
            all.wrong.addAll(one.wrong);
            all = new Tried(all.jobs + 1, all.acts + one.acts, all.opened + one.opened, all.wrong);
        }
        return all;
    }

    private void job(long seed) throws IOException, InterruptedException {
        List<PartKind> kinds = Workshop.bean(Families.class).kinds();
        // seals in bores are arranged, the rest is not: every other job is one of these
        PartKind kind = random.nextBoolean() ? PartKind.LIP_SEAL : kinds.get(random.nextInt(kinds.size()));
        boolean sized = random.nextInt(3) > 0;
        job = JobMaker.open(new NewPosition(
                kind,
                "place",
                sized ? 45.0 : null,
                sized ? 62.0 : null,
                null,
                MEDIA.get(random.nextInt(MEDIA.size())),
                Dirt.DUST,
                null,
                random.nextBoolean() ? 1450.0 : null,
                false,
                "",
                ""));
        if (random.nextInt(8) > 0) {
            JobMaker.madeSafe(job);
            if (kind == PartKind.LIP_SEAL || random.nextInt(4) == 0) {
                takenApart();
            }
        }
        jobs++;
        for (int n = 0; n < ACTS && wrong.isEmpty(); n++) {
            Stage stage = stage();
            Document page = open("/jobs/" + job + "/" + stage.path());
            if (page != null) {
                act(page, stage);
            }
            if (n == ACTS - 1) {
                everything();
            }
        }
        if (!wrong.isEmpty()) {
            wrong.replaceAll(w -> "seed " + seed + ", " + kind + ", job " + job + ": " + w + "\n   after "
                    + String.join("\n   ", done.subList(Math.max(0, done.size() - 6), done.size())));
        }
    }

    /** What came off, noted as badly as it may be, and what somebody makes of it: each act, then its page. */
    private void takenApart() throws IOException, InterruptedException {
        Person person = JobMaker.person("marisol");
        JobListsService lists = Workshop.bean(JobListsService.class);
        for (int n = 2 + random.nextInt(ARRANGED); n > 0 && wrong.isEmpty(); n--) {
            List<StripPart> off =
                    Workshop.bean(JobStore.class).load(job).beside().log();
            switch (random.nextInt(8)) {
                case 0, 1, 2 -> {
                    String kind =
                            (random.nextInt(3) > 0 ? PartKind.LIP_SEAL : BESIDE[random.nextInt(BESIDE.length)]).name();
                    tried("off " + kind, () -> lists.remove(job, kind, "", null, person));
                }
                case 3 -> {
                    if (!off.isEmpty()) {
                        StripPart part = off.get(random.nextInt(off.size()));
                        Map<String, String> note = Map.of(
                                "place", place(), "thickness", place(), "faced", random.nextBoolean() ? "IN" : "OUT");
                        tried(part.name() + " " + note, () -> lists.note(job, part.id(), note, person.unit(), person));
                    }
                }
                case 4 -> {
                    if (!off.isEmpty()) {
                        StripPart part = off.get(random.nextInt(off.size()));
                        var back = StripPart.Back.values()[random.nextInt(4)];
                        tried(part.name() + " " + back, () -> lists.back(job, part.id(), back, "sound", person));
                    }
                }
                case 5 ->
                    tried("one more", () -> Workshop.bean(JobItems.class).add(job, PartKind.LIP_SEAL, "", person));
                case 6 -> tried("as found", () -> Workshop.bean(JobBench.class).planAsFound(job, person));
                default -> {
                    String prefix = random.nextBoolean() ? "" : "i2-";
                    Map<String, String> texts = new LinkedHashMap<>();
                    for (int i = 0; i < 4; i++) {
                        texts.put(prefix + PLACES[random.nextInt(PLACES.length)], place());
                    }
                    Stage stage = Stage.values()[1 + random.nextInt(4)];
                    typed(stage + " " + texts, () -> Workshop.bean(JobSheets.class)
                            .type(job, stage, new Posted("odd", 1 << 20, LengthUnit.MM, texts), person));
                }
            }
            open("/jobs/" + job + "/" + stage().path());
        }
        everything();
    }

    private String place() {
        return TEXTS[random.nextInt(FIGURES)];
    }

    /** What is refused is an answer; whatever else comes of it is not. */
    private void tried(String words, Runnable act) {
        typed(words, () -> {
            try {
                act.run();
            } catch (RefusedInput e) {
                done.add("refused: " + e.getMessage());
            }
        });
    }

    /** What is typed is kept, whatever it is. */
    private void typed(String words, Runnable act) {
        acts++;
        done.add(words);
        try {
            act.run();
        } catch (RuntimeException e) {
            wrong.add(words + ": " + e);
        }
    }

    /** Strip log and choice are where an arrangement is made: oftener than the rest. */
    private Stage stage() {
        return switch (random.nextInt(6)) {
            case 0, 1 -> Stage.STRIP;
            case 2 -> Stage.DECIDE;
            default -> Stage.values()[random.nextInt(Stage.values().length)];
        };
    }

    private void everything() throws IOException, InterruptedException {
        for (Stage stage : Stage.values()) {
            open("/jobs/" + job + "/" + stage.path());
        }
        open("/jobs/" + job + "/card.pdf");
        open("/jobs/" + job);
        try {
            Workshop.bean(TextsJson.class)
                    .writeSnapshot(Workshop.bean(JobService.class).snapshot(job));
            opened++;
        } catch (RuntimeException e) {
            wrong.add("its record: " + e);
        }
    }

    private Document open(String path) throws IOException, InterruptedException {
        opened++;
        HttpResponse<String> answer = visitor.get(path);
        if (answer.statusCode() == 302) {
            answer = visitor.get(
                    answer.headers().firstValue("Location").orElseThrow().replaceAll("^https?://[^/]+", ""));
        }
        if (answer.statusCode() != 200) {
            wrong.add(answer.statusCode() + " of " + path + " " + said(answer));
            return null;
        }
        return Jsoup.parse(answer.body());
    }

    private static String said(HttpResponse<String> answer) {
        return Jsoup.parse(answer.body())
                .text()
                .replaceAll("^.*?(\\d{3})? ?Joropo", "")
                .strip();
    }

    private void act(Document page, Stage stage) throws IOException, InterruptedException {
        List<FormElement> forms = page.select("main form").stream()
                .map(FormElement.class::cast)
                .filter(f -> !f.attr("action").matches(".*(photo|signature|withdrawal|reviews|notes)$"))
                .toList();
        if (forms.isEmpty()) {
            return;
        }
        // the sheet is one form of many, and takes most of what is typed
        FormElement form = random.nextInt(3) == 0 && page.getElementById("sheet") instanceof FormElement sheet
                ? sheet
                : forms.get(random.nextInt(forms.size()));
        Elements buttons = form.select("button");
        if (!form.id().isEmpty()) {
            buttons.addAll(page.select("button[form=" + form.id() + "]"));
        }
        Element button = buttons.isEmpty() ? null : buttons.get(random.nextInt(buttons.size()));
        Map<String, String> texts = new LinkedHashMap<>();
        form.formData().forEach(d -> texts.put(d.key(), d.value()));
        type(form, texts);
        String path = form.attr("action");
        if (button != null && !button.attr("name").isEmpty()) {
            texts.put(button.attr("name"), button.attr("value"));
        }
        if (button != null && !button.attr("formaction").isEmpty()) {
            path = button.attr("formaction");
        }
        texts.remove("_csrf");
        acts++;
        done.add(stage + " " + path + " " + changed(form, texts));
        List<String> sent = new ArrayList<>();
        texts.forEach((name, text) -> sent.addAll(List.of(name, text)));
        HttpResponse<String> answer = visitor.post(path, sent.toArray(String[]::new));
        if (answer.statusCode() >= 500) {
            wrong.add(answer.statusCode() + " answered to " + path + " " + said(answer));
        }
    }

    /** Some of its fields, each with what comes to mind; the rest stays as it stands. */
    private void type(FormElement form, Map<String, String> texts) {
        List<Element> fields =
                form.select("input[name]:not([type=hidden]):not([type=file]), select[name], textarea[name]");
        if (fields.isEmpty()) {
            return;
        }
        int most = form.id().equals("sheet") ? Math.min(1 + random.nextInt(MOST_TYPED), fields.size()) : fields.size();
        for (int n = 0; n < most; n++) {
            Element field = fields.size() <= most ? fields.get(n) : fields.get(random.nextInt(fields.size()));
            if (field.tagName().equals("select")) {
                Elements options = field.select("option");
                texts.put(
                        field.attr("name"),
                        options.get(random.nextInt(options.size())).attr("value"));
            } else if (field.attr("type").equals("checkbox")) {
                texts.put(field.attr("name"), random.nextInt(4) == 0 ? "" : "yes");
            } else {
                texts.put(field.attr("name"), TEXTS[random.nextInt(TEXTS.length)]);
            }
        }
    }

    private static Map<String, String> changed(FormElement form, Map<String, String> texts) {
        Map<String, String> out = new LinkedHashMap<>(texts);
        form.formData().forEach(d -> out.remove(d.key(), d.value()));
        return out;
    }
}
