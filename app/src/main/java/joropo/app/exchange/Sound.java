package joropo.app.exchange;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.access.Role;
import joropo.app.check.JsonRules;
import joropo.app.database.NotDone;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.job.Snapshot;
import joropo.app.job.StripPart;
import joropo.app.section.BenchService;
import joropo.core.arrangement.PartKind;
import joropo.core.assembly.FirstRun;
import joropo.core.leak.LeakEvent;
import joropo.core.leak.LeakKind;
import joropo.core.lipseal.Practice;
import joropo.core.material.CureQuarter;
import joropo.core.material.Dirt;
import joropo.core.material.Fluid;
import joropo.core.material.Medium;
import joropo.core.plan.Care;
import joropo.core.plan.PartState;
import joropo.core.readings.Gauge;
import joropo.core.shaft.Rotation;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;

/**
 * Whether what a file says can be read again by the pages: words that are known, days, moments, and texts that are what
 * they pass for. The database itself knows of none of that.
 */
final class Sound {
    private static final String MOMENT = "\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d\\.\\d{3}Z";
    private static final int LARGEST_MM = 100_000;
    private static final int LARGEST_UNCERTAINTY = 10;
    private static final double LARGEST_NUMBER = 1e9;
    private static final int MOST_OF_ONE = 100_000;
    private static final int LONGEST = 4_000;
    /** Things that their kind names where nothing else does. */
    private static final Set<String> NAMELESS = Set.of("lot", "job_part");

    /** Columns that hold many texts at once. */
    private static final Set<String> HELD_WHOLE = Set.of("texts", "snapshot", "section", "wrote", "numbered");

    private static final int LONGEST_WHOLE = 8_000_000;
    /** Characters that part things in the store; older records may hold others that no print can take. */
    private static final Pattern NO_TEXT = Pattern.compile("[\\x00\\x1e\\x1f]");

    /** Columns that count, from 1. */
    private static final Set<String> COUNTS =
            Set.of("number", "revision", "count", "minutes", "bolts", "item", "schema_version");

    private static final Predicate<String> SECTIONS = BenchService.reads(new JsonRules().strictJson());
    private static final TypeReference<Map<String, Typed>> SHEET = new TypeReference<>() {};
    private static final TypeReference<Map<String, String>> NOTE = new TypeReference<>() {};
    private static final Set<String> STATUS = names(Status.values());
    private static final Set<String> KINDS = names(PartKind.values());
    private static final Set<String> STAGES = names(Stage.values());
    private static final Map<String, Set<String>> WORDS = Map.ofEntries(
            Map.entry("person.role", names(Role.values())),
            Map.entry("job_look.seen", names(FirstRun.values())),
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

    /** @throws NotDone when it is no name of a shop */
    static void mustBeShop(String name) throws NotDone {
        if (!name.matches("[0-9a-f]{32}")) {
            throw new NotDone("It does not say of which shop it is.");
        }
    }

    /** @throws NotDone naming what cannot be read */
    static void check(String table, Map<String, ?> row) throws NotDone {
        for (var entry : row.entrySet()) {
            Object value = entry.getValue();
            if (value != null
                    && !(value instanceof String text
                            ? isSound(table, entry.getKey(), text)
                            : isNumber(entry.getKey(), (Number) value))) {
                String said = String.valueOf(value);
                throw new NotDone("its " + Rows.name(entry.getKey()) + " cannot be read: "
                        + said.substring(0, Math.min(said.length(), 60)));
            }
        }
    }

    /** Whether a number is one that the trade has. */
    private static boolean isNumber(String column, Number value) {
        double number = value.doubleValue();
        if (column.endsWith("_id") || column.equals("seq")) {
            return number >= 0;
        }
        if (column.equals("uncertainty_mm")) {
            return number >= 0 && number <= LARGEST_UNCERTAINTY;
        }
        return COUNTS.contains(column)
                ? number >= 1 && number <= MOST_OF_ONE
                : column.endsWith("_mm") ? number > 0 && number <= LARGEST_MM : Math.abs(number) <= LARGEST_NUMBER;
    }

    private static boolean isSound(String table, String column, String value) {
        try {
            Set<String> words = WORDS.get(table + "." + column);
            if (words != null) {
                return words.contains(value);
            }
            boolean whole = HELD_WHOLE.contains(column);
            if (value.length() > (whole ? LONGEST_WHOLE : LONGEST)
                    || NO_TEXT.matcher(value).find()) {
                return false;
            }
            return switch (column) {
                case "texts" -> table.equals("strip_note") ? isNote(value) : isSheet(value);
                case "snapshot" -> isSnapshot(ShopOut.JSON.readValue(value, Snapshot.class));
                case "section" -> SECTIONS.test(value);
                case "wrote" -> BenchService.wasWritten(value);
                case "sha256" -> value.matches("[0-9a-f]{64}");
                case "name" -> NAMELESS.contains(table) || !value.isBlank();
                case "batch", "number" -> !value.isBlank();
                case "cares" -> Care.codes(Care.parse(value)).equals(value);
                case "cured" -> CureQuarter.parse(value) != null;
                case "like_fluid" -> Fluid.isListed(value);
                case "ratings" -> value.matches("([A-Z0-9-]{2,20}:[1-4]( |$))*");
                case "next_look", "received_on", "due_on", "answered_on" -> LocalDate.parse(value) != null;
                default -> !column.endsWith("_at") || value.matches(MOMENT) && Instant.parse(value) != null;
            };
        } catch (JacksonException | DateTimeParseException | IllegalArgumentException e) {
            return false;
        }
    }

    /** Texts by field, as a sheet keeps them. */
    private static boolean isSheet(String value) {
        return ShopOut.JSON.readValue(value, SHEET).values().stream()
                .allMatch(t -> t != null
                        && t.text() != null
                        && t.struck().stream().allMatch(s -> s != null && s.text() != null && s.why() != null));
    }

    /** Plain texts by field, each of which the part's row can show. */
    private static boolean isNote(String value) {
        Map<String, String> texts = ShopOut.JSON.readValue(value, NOTE);
        return texts.values().stream().allMatch(Objects::nonNull) && StripPart.canBeRead(texts);
    }

    /**
     * Whether card and page can show it: nothing of it is absent that they take for granted, and its picture is one.
     */
    private static boolean isSnapshot(@Nullable Snapshot s) {
        return s != null
                && Stream.of(
                                s.number(),
                                s.machine(),
                                s.place(),
                                s.position(),
                                s.openedAt(),
                                s.openedBy(),
                                s.sheets(),
                                s.findings(),
                                s.drawing(),
                                s.steps(),
                                s.cautions(),
                                s.signer(),
                                s.signedAt())
                        .allMatch(Objects::nonNull)
                && (s.places().isEmpty() || s.places().size() >= s.findings().size())
                && s.findings().stream().allMatch(f -> f != null && f.status() != null && f.id() != null)
                && s.steps().stream().allMatch(x -> x != null && x.act() != null)
                && s.sheets().stream().allMatch(x -> x != null && x.title() != null && x.lines() != null)
                && SafeSvg.is(s.drawing());
    }
}
