package joropo.app.job;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import joropo.app.family.Stage;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Lives;
import joropo.core.plan.Part;
import joropo.core.plan.PartState;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Parts, what came off, and timers of a job. */
@Mapper
interface ListsMapper {
    /** What was put on the list by hand, and the newest decision of each part. */
    List<PartRow> partRows(long jobId);

    int list(
            @Param("jobId") long jobId,
            @Param("stage") Stage stage,
            @Param("p") Part part,
            @Param("personId") long personId,
            @Param("at") Instant at);

    /** With the size and material that it was decided for. */
    void decide(
            @Param("jobId") long jobId,
            @Param("p") Part part,
            @Param("state") PartState state,
            @Param("lotId") @Nullable Long lotId,
            @Param("reason") String reason,
            @Param("followUp") String followUp,
            @Param("personId") long personId,
            @Param("at") Instant at);

    List<Removed> removed(long jobId);

    long remove(
            @Param("jobId") long jobId,
            @Param("kind") PartKind kind,
            @Param("name") String name,
            @Param("cameWith") @Nullable Long cameWith,
            @Param("personId") long personId,
            @Param("at") Instant at);

    void note(
            @Param("partId") long partId,
            @Param("texts") String texts,
            @Param("personId") long personId,
            @Param("at") Instant at);

    void back(
            @Param("partId") long partId,
            @Param("state") StripPart.Back state,
            @Param("reason") String reason,
            @Param("personId") long personId,
            @Param("at") Instant at);

    int strike(@Param("jobId") long jobId, @Param("partId") long partId, @Param("why") String why);

    List<JobTimer> timers(long jobId);

    void startTimer(
            @Param("jobId") long jobId,
            @Param("what") String what,
            @Param("minutes") int minutes,
            @Param("personId") long personId,
            @Param("at") Instant at);

    int stopTimer(@Param("jobId") long jobId, @Param("id") long id, @Param("why") String why);

    /** What the last job fitted at a position, item by item. */
    List<LastSeal> lastSeals(long positionId);

    /** Adds the life that ends now to those of its kind; nothing where none was fitted. */
    void endLife(
            @Param("positionId") long positionId,
            @Param("item") int item,
            @Param("hours") @Nullable Double hours,
            @Param("at") Instant at);

    void insertLife(
            @Param("jobId") long jobId,
            @Param("positionId") long positionId,
            @Param("l") Signing.Life life,
            @Param("at") Instant at);

    void insertConcession(
            @Param("jobId") long jobId,
            @Param("positionId") long positionId,
            @Param("c") Signing.Concession concession);

    void insertRecommendation(
            @Param("jobId") long jobId,
            @Param("positionId") long positionId,
            @Param("r") Signing.Recommendation recommendation,
            @Param("personId") long personId,
            @Param("at") Instant at);

    /**
     * Accepted defects, the next to be looked at first; of one position, or all of which no later job was signed there.
     */
    List<ConcessionLine> concessions(
            @Param("positionId") @Nullable Long positionId, @Param("most") int most, @Param("after") int after);

    /** Of which no later job was signed there. */
    long countConcessions();

    List<RecommendationLine> recommendations(long positionId);

    int answer(@Param("id") long id, @Param("answer") String answer, @Param("on") String on);

    /** The newest fittings at a position, by item and in the order of fitting. */
    List<LifeRow> lives(@Param("positionId") long positionId, @Param("most") int most);

    /** Over all places where this seal ran. */
    Optional<Lives.Mean> mean(String seal);

    /** A row of the strip log. @param texts JSON, absent: nothing noted yet */
    record Removed(
            long id,
            int number,
            PartKind kind,
            String name,
            @Nullable Long cameWith,
            String personName,
            Instant removedAt,
            @Nullable String struckWhy,
            @Nullable String texts,
            StripPart.@Nullable Back back,
            @Nullable String backReason,
            @Nullable String backBy,
            @Nullable Instant backAt) {}

    /** What was fitted last. */
    record LastSeal(
            String jobNumber,
            int item,
            String seal,
            String size,
            @Nullable String material,
            Instant fittedAt) {}

    /** One fitting at a position, in the order of fitting. */
    record LifeRow(
            int item,
            String jobNumber,
            String seal,
            Instant fittedAt,
            @Nullable Double hoursOfLast,
            String reasonOfLast) {}
}
