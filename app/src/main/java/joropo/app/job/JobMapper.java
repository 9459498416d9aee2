package joropo.app.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import joropo.app.family.Stage;
import joropo.core.arrangement.PartKind;
import joropo.core.diagnosis.Cause;
import joropo.core.plan.Step;
import joropo.core.verdict.Status;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface JobMapper {
    Optional<Job> findByNumber(String number);

    /** Which jobs a list wants; null: of any. @param numbers empty: of any number */
    record Asked(@Nullable Long machineId, @Nullable Long positionId, List<String> numbers, boolean openOnly) {}

    /** Newest first. */
    List<JobLine> lines(@Param("a") Asked asked, @Param("most") int most, @Param("after") int after);

    long count(@Param("a") Asked asked);

    /** The next running number of a year; it is never given twice. */
    int nextNumber(int year);

    long insert(
            @Param("number") String number,
            @Param("kind") PartKind kind,
            @Param("positionId") long positionId,
            @Param("personId") long personId,
            @Param("at") Instant at);

    void insertItem(
            @Param("jobId") long jobId,
            @Param("number") int number,
            @Param("kind") PartKind kind,
            @Param("label") String label,
            @Param("personId") long personId,
            @Param("at") Instant at);

    void labelItem(@Param("jobId") long jobId, @Param("number") int number, @Param("label") String label);

    void withdrawItem(@Param("jobId") long jobId, @Param("number") int number, @Param("why") String why);

    boolean hasOpen(long positionId);

    List<Long> lastWorkedAt(int most);

    /** A job that is open. */
    record OpenAt(long positionId, String number) {}

    List<JobService.Standing> standing(@Param("positions") List<Long> positions);

    List<String> waitingForLead(int most);

    List<OpenAt> openAt(@Param("positions") List<Long> positions);

    void setState(@Param("jobId") long jobId, @Param("state") Job.State state, @Param("why") @Nullable String why);

    void setVerdict(@Param("jobId") long jobId, @Param("verdict") Status verdict);

    /** The newest kept sheet of each stage, and every draft by its number. */
    List<Typing> typing(long jobId);

    Optional<Revision> revision(
            @Param("jobId") long jobId, @Param("stage") Stage stage, @Param("revision") int revision);

    void insertRevision(
            @Param("jobId") long jobId,
            @Param("stage") Stage stage,
            @Param("revision") int revision,
            @Param("texts") String texts,
            @Param("schemaVersion") int schemaVersion,
            @Param("v") Verdicts verdicts,
            @Param("numbered") @Nullable String numbered,
            @Param("personId") long personId,
            @Param("at") Instant at);

    /** A sheet of an earlier job. @param number of that job, @param causes why it failed then, absent: nobody said */
    record LastSheet(String number, String texts, @Nullable String causes) {}

    /** The sheet of this stage in the newest job that was signed at a position before a moment. */
    Optional<LastSheet> lastSigned(
            @Param("positionId") long positionId, @Param("before") Instant before, @Param("stage") Stage stage);

    /** The items of the newest signed job at a position come back with their numbers and names. @return how many */
    int insertItemsOfLast(
            @Param("jobId") long jobId,
            @Param("kind") PartKind kind,
            @Param("positionId") long positionId,
            @Param("personId") long personId,
            @Param("at") Instant at);

    /** Texts of the newest sheet of this stage that a person has kept, in any job. */
    Optional<String> lastKept(@Param("personId") long personId, @Param("stage") Stage stage);

    List<StageDraft> drafts(long jobId);

    /** Findings that have a number, as {@link Numbers} takes them. */
    String numbered(long jobId);

    void setNumbered(@Param("jobId") long jobId, @Param("numbered") String numbered);

    /** @return 0 when the job is not open any more, or its numbers were added to since: then nothing is saved */
    int saveDraft(
            @Param("job") Job job,
            @Param("d") StageDraft draft,
            @Param("judged") Status judged,
            @Param("numbered") @Nullable String numbered,
            @Param("personId") long personId);

    /** What was ticked and counted, each sort in its order. */
    List<Mark> marks(long jobId);

    int insertStep(
            @Param("jobId") long jobId,
            @Param("s") Step step,
            @Param("personId") long personId,
            @Param("at") Instant at,
            @Param("skippedWhy") @Nullable String skippedWhy);

    void undoStep(
            @Param("jobId") long jobId,
            @Param("s") Step step,
            @Param("personId") long personId,
            @Param("at") Instant at,
            @Param("why") String why);

    Optional<Signature> signature(long jobId);

    void insertSignature(
            @Param("jobId") long jobId,
            @Param("snapshot") String snapshot,
            @Param("sha256") String sha256,
            @Param("personId") long personId,
            @Param("at") Instant at);

    List<Addendum> addenda(long jobId);

    List<JobEntry> entries(long jobId);

    void insertEntry(
            @Param("jobId") long jobId,
            @Param("kind") JobEntry.Kind kind,
            @Param("what") String what,
            @Param("state") JobEntry.State state,
            @Param("personId") long personId,
            @Param("at") Instant at);

    int insertTick(
            @Param("jobId") long jobId,
            @Param("t") TorqueProgress.Tick tick,
            @Param("personId") long personId,
            @Param("at") Instant at);

    int undoTick(
            @Param("jobId") long jobId,
            @Param("t") TorqueProgress.Tick tick,
            @Param("personId") long personId,
            @Param("at") Instant at,
            @Param("why") String why);

    /** Turns of the wrench that were taken back, in words. */
    List<String> undoneTurns(long jobId);

    void insertCause(
            @Param("jobId") long jobId,
            @Param("positionId") long positionId,
            @Param("cause") String cause,
            @Param("score") double score);

    List<CauseCount> causes(
            @Param("machineId") @Nullable Long machineId, @Param("positionId") @Nullable Long positionId);

    List<PositionNote> notes(long positionId);

    void insertNote(
            @Param("positionId") long positionId,
            @Param("jobId") long jobId,
            @Param("text") String text,
            @Param("personId") long personId,
            @Param("at") Instant at);

    void insertAddendum(
            @Param("jobId") long jobId,
            @Param("text") String text,
            @Param("personId") long personId,
            @Param("at") Instant at);

    /** A draft with the stage it belongs to. */
    @RecordBuilder
    record StageDraft(
            Stage stage,
            String tab,
            long seq,
            boolean aside,
            String texts,
            Status verdict,
            long personId,
            String personName,
            Instant savedAt) {}

    /** How often a cause stood first at a position. */
    record CauseCount(long positionId, String cause, int times) {
        /** In words, with how often where it was more than once. */
        String words() {
            return Cause.of(cause).map(Cause::words).orElse(cause) + (times == 1 ? "" : " (" + times + ")");
        }
    }

    List<Review> reviews(long jobId);

    Review.@Nullable Waits waitsFor(long jobId);

    void setWaits(@Param("jobId") long jobId, @Param("waits") Review.@Nullable Waits waits);

    /** An open job that was sent back is being worked on again. */
    void answered(long jobId);

    void insertReview(
            @Param("jobId") long jobId,
            @Param("kind") Review.Kind kind,
            @Param("remark") String remark,
            @Param("personId") long personId,
            @Param("at") Instant at);

    /** Numbers of jobs. @param personId who opened or signed it, absent: anybody's. */
    List<String> waiting(
            @Param("waits") Review.Waits waits, @Param("personId") @Nullable Long personId, @Param("most") int most);
}
