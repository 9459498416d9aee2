package joropo.core.verdict;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What one rule found about one part, with all that a page or a card prints.
 *
 * @param id the rule's short name, such as {@code size} or {@code D1}
 * @param subject what was judged, in the trade's words
 * @param value what was measured or computed; absent when nothing was
 * @param unit unit of value, limits, margin and uncertainty
 * @param margin distance to the nearest limit, negative outside, without the uncertainty
 * @param uncertainty expanded uncertainty of the value, k = 2
 * @param message why it matters, one or two sentences
 * @param remedy what to do about it; empty when nothing is to be done
 * @param reference number of the standard, or what the guide is called
 * @param part the item of a section that the finding is about, when there is one
 */
@RecordBuilder
public record Finding(
        String id,
        Status status,
        String subject,
        @Nullable Double value,
        @Nullable String unit,
        @Nullable Double lower,
        @Nullable Double upper,
        @Nullable Double margin,
        @Nullable Double uncertainty,
        String message,
        String remedy,
        Source source,
        String reference,
        @Nullable String part) {

    /** Stands in a list where something was found once and is found no more. */
    public static final Finding GONE = of("-", Status.PASS, "", "", "", Source.COMPUTED, "");

    /** A finding without figures. */
    public static Finding of(
            String id, Status status, String subject, String message, String remedy, Source source, String reference) {
        return FindingBuilder.builder()
                .id(id)
                .status(status)
                .subject(subject)
                .message(message)
                .remedy(remedy)
                .source(source)
                .reference(reference)
                .build();
    }

    /** Plain arithmetic: always PASS. */
    public static Finding computed(String id, String subject, double value, String unit, String message) {
        return of(id, Status.PASS, subject, message, "", Source.COMPUTED, "").withValue(value, unit);
    }

    /** A figure that a rule needs and that was not given. */
    public static Finding missing(String id, String subject, String message, String remedy) {
        return of(id, Status.MISSING, subject, message, remedy, Source.COMPUTED, "");
    }

    public Finding withValue(double newValue, String newUnit) {
        return FindingBuilder.builder(this).value(newValue).unit(newUnit).build();
    }

    /** With the limits the value was judged by; margin and uncertainty follow from them. */
    public Finding withLimits(Limits limits, double newUncertainty) {
        return FindingBuilder.builder(this)
                .lower(limits.lower())
                .upper(limits.upper())
                .margin(value == null ? null : limits.margin(value))
                .uncertainty(newUncertainty)
                .build();
    }

    public Finding withPart(String newPart) {
        return FindingBuilder.builder(this).part(newPart).build();
    }

    public Finding withSource(Source newSource, String newReference) {
        return FindingBuilder.builder(this)
                .source(newSource)
                .reference(newReference)
                .build();
    }

    /** The rule that found it, whatever item it is about. */
    public String rule() {
        return id.replaceFirst("^i\\d+-", "");
    }

    /** The same of one item among several. @param prefix before its id, @param name of the item, before its subject */
    public Finding ofItem(String prefix, String name) {
        return FindingBuilder.builder(this)
                .id(prefix + id)
                .subject(name + ": " + subject)
                .build();
    }

    /** The same finding under another id, for a caller that judges the same rule twice. */
    public Finding withSubject(String newSubject) {
        return FindingBuilder.builder(this).subject(newSubject).build();
    }

    public Finding withId(String newId) {
        return FindingBuilder.builder(this).id(newId).build();
    }

    /** The verdict over several findings: the worst of them, and MISSING when there is none. */
    public static Status worst(List<Finding> findings) {
        return findings.stream().map(Finding::status).reduce(Status::worse).orElse(Status.MISSING);
    }
}
