package joropo.app.register;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface RegisterMapper {
    List<Machine> machines();

    Optional<Machine> machine(long id);

    List<Machine> machinesLike(String pattern);

    List<Position> positionsOf(long machineId);

    List<Position> positionsLike(String pattern);

    Optional<Position> position(long id);

    long insertMachine(@Param("name") String name, @Param("place") String place, @Param("note") String note, @Param("at") Instant at);

    long insertPosition(@Param("machineId") long machineId, @Param("p") NewPosition p, @Param("at") Instant at);
}
