package joropo.app.watch;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import joropo.core.leak.LeakKind;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface WatchMapper {
    Optional<LeakWatch> watch(long id);

    Optional<WatchLine> line(long id);

    /** The first of them: nobody hangs more at one shaft. */
    List<WatchLine> atPosition(long positionId);

    List<Long> liveAt(long positionId);

    List<WatchLine> all(@Param("area") @Nullable String area, @Param("most") int most, @Param("after") int after);

    long count(@Param("area") @Nullable String area);

    /** Area by area in walking order. */
    List<WatchLine> round(@Param("area") String area, @Param("most") int most, @Param("after") int after);

    List<Area> areas(@Param("today") LocalDate today);

    List<WatchLine> rising(@Param("most") int most, @Param("after") int after);

    long countRising();

    List<WatchLine> due(@Param("today") LocalDate today, @Param("most") int most, @Param("after") int after);

    long countDue(@Param("today") LocalDate today);

    List<WatchEntry> entries(long watchId);

    Optional<Long> sent(String sent);

    List<WatchAdvice> advice(long watchId);

    long insertWatch(
            @Param("positionId") long positionId,
            @Param("kind") LeakKind kind,
            @Param("name") String name,
            @Param("personId") long personId,
            @Param("at") Instant at);

    void insertTerms(
            @Param("watchId") long watchId,
            @Param("t") WatchTerms t,
            @Param("personId") long personId,
            @Param("at") Instant at);

    void insertEntry(
            @Param("watchId") long watchId,
            @Param("e") NewEntry e,
            @Param("personId") long personId,
            @Param("at") Instant at);

    int strike(@Param("watchId") long watchId, @Param("id") long id, @Param("why") String why);

    int withdraw(@Param("id") long id, @Param("why") String why);

    void insertAdvice(
            @Param("watchId") long watchId,
            @Param("text") String text,
            @Param("personId") long personId,
            @Param("at") Instant at);

    int answer(
            @Param("watchId") long watchId,
            @Param("id") long id,
            @Param("answer") String answer,
            @Param("on") LocalDate on);

    void keepState(@Param("watchId") long watchId, @Param("s") WatchState s);

    List<Long> withoutState();

    /** Part of the works that is walked at once. @param due how many want to be read */
    record Area(String name, long watches, long due) {}
}
