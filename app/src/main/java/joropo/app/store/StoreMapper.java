package joropo.app.store;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface StoreMapper {
    List<Lot> lots();

    Optional<Lot> lot(long id);

    /** Those that lie in the store of one batch. */
    List<Lot> ofBatch(String batch);

    /** The newest first, and not all of very many. */
    List<Movement> movements(long lotId);

    long insertLot(@Param("l") NewLot lot, @Param("personId") long personId, @Param("on") LocalDate on);

    void withdrawLot(@Param("id") long id, @Param("why") String why);

    void insertMovement(
            @Param("lotId") long lotId,
            @Param("kind") Movement.Kind kind,
            @Param("change") int change,
            @Param("jobId") @Nullable Long jobId,
            @Param("why") String why,
            @Param("personId") long personId,
            @Param("at") Instant at);

    int insertExtension(
            @Param("lotId") long lotId,
            @Param("inspection") String inspection,
            @Param("personId") long personId,
            @Param("at") Instant at);
}
