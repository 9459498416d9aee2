package joropo.app.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import joropo.core.assembly.FirstRun;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Looks at signed jobs, and times of open ones that are up. */
@Mapper
interface LooksMapper {
    List<Look> ofJob(String number);

    /** Those that nobody did yet, the next first. @param by absent: however far off */
    List<Look> open(@Param("by") @Nullable LocalDate by, @Param("most") int most, @Param("after") int after);

    long countOpen(@Param("by") @Nullable LocalDate by);

    void insert(
            @Param("jobId") long jobId,
            @Param("on") LocalDate on,
            @Param("personId") long personId,
            @Param("at") Instant at);

    int seen(
            @Param("id") long id,
            @Param("number") String number,
            @Param("seen") FirstRun seen,
            @Param("note") String note,
            @Param("personId") long personId,
            @Param("at") Instant at);

    /** Open jobs with a part that cannot be had, by the last word on it. */
    List<WaitsForPart> waiting(int most);

    /** Times of open jobs that ended since. */
    List<TimeUp> timesUp(@Param("since") Instant since, @Param("now") Instant now, @Param("most") int most);
}
