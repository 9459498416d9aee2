package joropo.app.register;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface RegisterMapper {
    List<Machine> machines();

    Optional<Machine> machine(long id);

    Optional<Long> machineAt(@Param("name") String name, @Param("place") String place);

    List<Position> positionsOf(long machineId);

    List<Position> positionsOfAll(@Param("machines") List<Long> machines);

    Optional<Position> position(long id);

    long insertMachine(
            @Param("name") String name,
            @Param("place") String place,
            @Param("note") String note,
            @Param("at") Instant at);

    long insertPosition(@Param("machineId") long machineId, @Param("p") NewPosition p, @Param("at") Instant at);

    void changePosition(@Param("id") long id, @Param("p") NewPosition p);

    List<PositionLimit> limits(long positionId);

    void insertLimit(
            @Param("positionId") long positionId,
            @Param("what") String what,
            @Param("least") @Nullable Double least,
            @Param("most") @Nullable Double most,
            @Param("unit") String unit,
            @Param("document") String document,
            @Param("personId") long personId,
            @Param("at") Instant at);

    int withdrawLimit(@Param("positionId") long positionId, @Param("id") long id, @Param("why") String why);
}
