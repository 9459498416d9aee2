package joropo.app.section;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface BenchMapper {
    Optional<StoredSection> sheet(long id);

    List<StoredSection> own();

    List<StoredSection> ofJob(long jobId);

    long insertSheet(
            @Param("jobId") @Nullable Long jobId,
            @Param("role") SectionRole role,
            @Param("personId") long personId,
            @Param("at") Instant at);

    long insertMove(
            @Param("sheetId") long sheetId,
            @Param("before") @Nullable Long before,
            @Param("run") @Nullable String run,
            @Param("what") String what,
            @Param("section") String section,
            @Param("wrote") @Nullable String wrote,
            @Param("schemaVersion") int schemaVersion,
            @Param("personId") long personId,
            @Param("at") Instant at);

    /** @return 1, or 0 when somebody else has moved on in the meantime */
    int setAt(@Param("sheetId") long sheetId, @Param("from") @Nullable Long from, @Param("to") long to);

    Optional<Long> newestAfter(long move);

    int withdraw(@Param("sheetId") long sheetId, @Param("why") String why);

    void insertFitted(
            @Param("positionId") long positionId,
            @Param("jobId") long jobId,
            @Param("section") String section,
            @Param("at") Instant at);

    List<Long> fittedOfMachine(long machineId);

    /**
     * A section that belongs to a job. @param role absent: what stood at its position when it was opened, @param
     * section as it was arranged before the sheets said so
     */
    record BesideJob(@Nullable SectionRole role, String section) {}

    List<BesideJob> besideJob(
            @Param("jobId") long jobId, @Param("positionId") long positionId, @Param("openedAt") Instant openedAt);

    Optional<String> fitted(long positionId);
}
