package joropo.app.exchange;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface ActMapper {
    /** @param person who did it, empty: anybody. */
    long count(@Param("person") String person);

    /** Newest first. */
    List<ActLine> acts(@Param("person") String person, @Param("most") int most, @Param("after") int after);

    /** Whoever did something. */
    List<String> names();
}
