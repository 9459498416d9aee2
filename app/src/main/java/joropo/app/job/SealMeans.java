package joropo.app.job;

import java.util.List;

/** Lives that have ended, added up anew for each kind of seal, after many jobs have come at once. */
public final class SealMeans {
    public static final List<String> RECOUNT = List.of(
            "delete from seal_mean",
            "insert into seal_mean select seal, count(*), sum(days), count(hours), coalesce(sum(hours), 0) from (select"
                    + " seal, cast(julianday(lead(fitted_at) over lives) - julianday(fitted_at) + 0.000001 as "
                    + "integer) as"
                    + " days, lead(hours_of_last) over lives as hours from seal_life window lives as (partition by"
                    + " position_id, item order by fitted_at, job_id)) where days is not null group by seal");

    private SealMeans() {}
}
