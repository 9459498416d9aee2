package joropo.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The guide names whose work is shipped with this one, as the build found it. */
class ThirdPartyTest {
    private static final Pattern LINE =
            Pattern.compile(" *((?:\\([^()]*(?:\\([^()]*\\))?[^()]*\\) )+)(.*) \\(([^ ]+) - ([^ ]+)\\)");

    @Test
    void theListOfTheGuideIsTheOneOfTheBuild() throws IOException {
        List<String> out = new ArrayList<>();
        for (String line : Files.readAllLines(Path.of("target/third-party.txt"))) {
            var m = LINE.matcher(line);
            if (m.matches()) {
                out.add("| " + m.group(2) + " | " + m.group(3) + " | "
                        + m.group(1).strip().replaceAll("\\) \\(", "; ").replaceAll("^\\(|\\)$", "") + " |");
            }
        }
        assertThat(out).hasSizeGreaterThan(100);
        out.sort(String.CASE_INSENSITIVE_ORDER);
        out.addAll(
                0,
                List.of(
                        "# Whose work is shipped with Joropo",
                        "",
                        "Made by the build (`app/target/third-party.md`). The fonts lie with their licence in"
                                + " `app/src/main/resources`.",
                        "",
                        "| what | where from | licence |",
                        "|---|---|---|"));
        Path made = Path.of("target/third-party.md");
        Files.write(made, out);
        assertThat(made)
                .as("copy app/target/third-party.md there")
                .hasSameTextualContentAs(Path.of("../docs/guide/third-party.md"));
    }
}
