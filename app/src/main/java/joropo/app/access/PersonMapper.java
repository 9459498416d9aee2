package joropo.app.access;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import joropo.core.units.LengthUnit;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PersonMapper {
    Optional<Person> findByName(String name);

    Optional<Person> findByToken(String sha256);

    List<Person> findAll();

    long count();

    long insert(
            @Param("name") String name,
            @Param("fullName") String fullName,
            @Param("role") Role role,
            @Param("passwordHash") String passwordHash,
            @Param("at") Instant at);

    void setPassword(@Param("id") long id, @Param("passwordHash") String passwordHash);

    void setUnit(@Param("id") long id, @Param("unit") LengthUnit unit);

    void setTheme(@Param("id") long id, @Param("theme") Theme theme);

    void withdraw(@Param("id") long id, @Param("why") String why);

    void insertToken(@Param("personId") long personId, @Param("sha256") String sha256, @Param("at") Instant at);

    List<ApiToken> tokens(long personId);

    int endToken(@Param("id") long id, @Param("personId") long personId, @Param("at") Instant at);

    void insertAct(@Param("at") Instant at, @Param("personName") String personName, @Param("what") String what);
}
