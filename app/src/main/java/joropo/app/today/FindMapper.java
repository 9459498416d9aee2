package joropo.app.today;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface FindMapper {
    /**
     * Machines, positions, notes there and lots, the best first. @param query in the language of the full-text search
     */
    List<Hit> things(@Param("query") String query, @Param("most") int most);

    /** What is written in jobs, the newest first. @param query in the language of the full-text search */
    List<Hit> find(@Param("query") String query, @Param("most") int most, @Param("after") int after);

    /** Words of jobs that begin so. @param start in small letters without accents */
    List<String> words(@Param("start") String start, @Param("most") int most);

    /** How many there are, counted no further than this. */
    long count(@Param("query") String query, @Param("most") int most);

    /** Where a word stands. @param place number of the job, or id of the position, machine or lot */
    record Hit(String kind, String place, String snippet) {}
}
