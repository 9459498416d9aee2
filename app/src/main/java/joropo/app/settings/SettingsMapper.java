package joropo.app.settings;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import joropo.core.readings.Gauge;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface SettingsMapper {
    List<OwnGauge> gauges();

    List<OwnDriver> drivers();

    List<OwnFluid> fluids();

    List<OwnMaterial> materials();

    Optional<String> value(String name);

    void setValue(@Param("name") String name, @Param("value") String value);

    void addGauge(
            @Param("name") String name,
            @Param("kind") Gauge kind,
            @Param("uncertaintyMm") double uncertaintyMm,
            @Param("certificate") String certificate,
            @Param("dueOn") @Nullable LocalDate dueOn,
            @Param("at") Instant at);

    void addDriver(
            @Param("outsideMm") double outsideMm,
            @Param("note") String note,
            @Param("positionId") @Nullable Long positionId,
            @Param("at") Instant at);

    void addFluid(@Param("f") OwnFluid fluid, @Param("at") Instant at);

    void addMaterial(@Param("m") OwnMaterial material, @Param("at") Instant at);

    int renewGauge(
            @Param("id") long id, @Param("certificate") String certificate, @Param("dueOn") @Nullable LocalDate dueOn);

    int withdrawGauge(@Param("id") long id, @Param("why") String why);

    int withdrawDriver(@Param("id") long id, @Param("why") String why);

    int withdrawFluid(@Param("id") long id, @Param("why") String why);

    int withdrawMaterial(@Param("id") long id, @Param("why") String why);
}
