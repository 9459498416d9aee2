package joropo.app.register;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface AttachmentMapper {
    List<Attachment> ofPosition(long positionId);

    Optional<Attachment> find(long id);

    long insert(
            @Param("positionId") long positionId,
            @Param("jobId") @Nullable Long jobId,
            @Param("name") String name,
            @Param("mediaType") String mediaType,
            @Param("sha256") String sha256,
            @Param("personId") long personId,
            @Param("at") Instant at);

    int withdraw(@Param("id") long id, @Param("why") String why);

    /** What the copy of a file that pages show is; said twice it is said once. */
    void insertPage(@Param("sha256") String sha256, @Param("pageSha256") String pageSha256, @Param("at") Instant at);

    /** Photos of whose copy nothing is written. */
    List<String> withoutPage();
}
