package joropo.app.exchange;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import joropo.app.database.NotDone;
import joropo.app.family.Stage;
import joropo.app.job.Snapshot;
import joropo.core.leak.LeakEvent;
import joropo.core.leak.LeakKind;
import joropo.core.lipseal.Practice;
import joropo.core.material.CureQuarter;
import joropo.core.material.Dirt;
import joropo.core.material.Fluid;
import joropo.core.material.Medium;
import joropo.core.plan.PartKind;
import joropo.core.plan.PartState;
import joropo.core.readings.Gauge;
import joropo.core.shaft.Rotation;
import joropo.core.verdict.Status;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Whether what a file says can be read again by the pages: words that are known, days, moments, and texts that are what
 * they pass for. The database itself knows of none of that.
 */
final class Sound {
    private static final String MOMENT = "\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d\\.\\d{3}Z";
    private static final Set<String> STATUS = names(Status.values());
    private static final Set<String> KINDS = names(PartKind.values());
    private static final Set<String> STAGES = names(Stage.values());
    private static final Map<String, Set<String>> WORDS = Map.ofEntries(
            Map.entry("seal_position.kind", KINDS),
            Map.entry("seal_position.medium", names(Medium.values())),
            Map.entry("seal_position.dirt", names(Dirt.values())),
            Map.entry("seal_position.rotation", names(Rotation.values())),
            Map.entry("job.kind", KINDS),
            Map.entry("job.stands_at", STAGES),
            Map.entry("job.verdict", STATUS),
            Map.entry("job_item.kind", KINDS),
            Map.entry("sheet_revision.stage", STAGES),
            Map.entry("sheet_revision.verdict", STATUS),
            Map.entry("sheet_revision.judged", STATUS),
            Map.entry("draft.stage", STAGES),
            Map.entry("draft.verdict", STATUS),
            Map.entry("draft.judged", STATUS),
            Map.entry("job_part.stage", STAGES),
            Map.entry("job_part.kind", KINDS),
            Map.entry("part_entry.state", names(PartState.values())),
            Map.entry("strip_part.kind", KINDS),
            Map.entry("lot.kind", KINDS),
            Map.entry("leak_watch.kind", names(LeakKind.values())),
            Map.entry("leak_entry.type", names(LeakEvent.Type.values())),
            Map.entry("leak_entry.seen", names(LeakEvent.Seen.values())),
            Map.entry("own_gauge.kind", names(Gauge.values())),
            Map.entry("attachment.media_type", Set.of("image/jpeg", "image/png", "image/webp", "application/pdf")));

    private Sound() {}

    private static Set<String> names(Enum<?>... all) {
        return Arrays.stream(all).map(Enum::name).collect(Collectors.toUnmodifiableSet());
    }

    /** Whether a setting of the works is one that is known, with a value that it can have. */
    static boolean isSetting(String name, String value) {
        return switch (name) {
            case "practice" -> names(Practice.values()).contains(value);
            case "password-at-signing" -> value.equals("true") || value.equals("false");
            default -> false;
        };
    }

    /** @throws NotDone naming what cannot be read */
    static void check(String table, Map<String, ?> row) throws NotDone {
        for (var entry : row.entrySet()) {
            if (entry.getValue() != null && !isSound(table, entry.getKey(), String.valueOf(entry.getValue()))) {
                String said = String.valueOf(entry.getValue());
                throw new NotDone("its " + Rows.name(entry.getKey()) + " cannot be read: "
                        + said.substring(0, Math.min(said.length(), 60)));
            }
        }
    }

    private static boolean isSound(String table, String column, String value) {
        try {
            Set<String> words = WORDS.get(table + "." + column);
            if (words != null) {
                return words.contains(value);
            }
            return switch (column) {
                case "texts" -> table.equals("strip_note") ? isTexts(value, false) : isTexts(value, true);
                case "snapshot" -> ShopOut.JSON.readValue(value, Snapshot.class) != null;
                case "section" -> ShopOut.JSON.readTree(value).isObject();
                case "cured" -> CureQuarter.parse(value) != null;
                case "like_fluid" -> Fluid.isListed(value);
                case "ratings" -> value.matches("([A-Z0-9-]{2,20}:[1-4]( |$))*");
                case "last_off" -> KINDS.containsAll(Arrays.asList(value.isEmpty() ? new String[0] : value.split(" ")));
                case "next_look", "received_on", "due_on", "answered_on" -> LocalDate.parse(value) != null;
                default -> !column.endsWith("_at") || value.matches(MOMENT) && Instant.parse(value) != null;
            };
        } catch (JacksonException | DateTimeParseException | IllegalArgumentException e) {
            return false;
        }
    }

    /** Texts by field: plain ones, or as a sheet keeps them. */
    private static boolean isTexts(String value, boolean ofSheet) {
        JsonNode texts = ShopOut.JSON.readTree(value);
        return texts.isObject()
                && texts.properties().stream()
                        .allMatch(e -> ofSheet
                                ? e.getValue().path("text").isString()
                                : e.getValue().isString());
    }
}
