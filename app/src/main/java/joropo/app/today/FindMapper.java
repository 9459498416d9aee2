package joropo.app.today;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface FindMapper {
    /** The best first. @param query in the language of the full-text search */
    List<Hit> find(String query);

    /** Where a word stands. @param place number of the job, or id of the position, machine or lot */
    record Hit(String kind, String place, String snippet) {}
}
