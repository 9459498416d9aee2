package joropo.app.access;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;

/**
 * People of the shop, by whoever sits at the machine itself: the one way back in for a shop that has lost its lead.
 * What is done here stands in the record of acts like everything else.
 */
public final class PeopleAtTheMachine {
    private static final String WHO = "at the machine";
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss.SSS'Z'").withZone(ZoneOffset.UTC);

    private final Connection records;
    private final Clock clock;

    public PeopleAtTheMachine(Connection records, Clock clock) {
        this.records = records;
        this.clock = clock;
    }

    /** A line each: name, role, full name, whether withdrawn. */
    public List<String> list() throws SQLException {
        List<String> out = new ArrayList<>();
        try (Statement s = records.createStatement();
                ResultSet row = s.executeQuery(
                        "select name, role, full_name, withdrawn_why from person order by withdrawn_why is not "
                                + "null, name")) {
            while (row.next()) {
                out.add(row.getString(1) + "  " + row.getString(2).toLowerCase(Locale.ROOT) + "  " + row.getString(3)
                        + (row.getString(4) == null ? "" : "  withdrawn: " + row.getString(4)));
            }
        }
        return out;
    }

    /** @throws RefusedInput when nobody has this name, or the password will not do */
    public void setPassword(String name, String password) throws SQLException {
        PeopleService.checkPassword(password);
        records.setAutoCommit(false);
        int changed = run(
                "update person set password_hash = ? where name = ? and withdrawn_why is null and shop is null",
                hashed(password),
                name);
        if (changed == 0) {
            records.rollback();
            throw new RefusedInput("name", "is not known, withdrawn, or of another shop: " + name);
        }
        record("set a new password for " + name);
        records.commit();
    }

    /** @throws RefusedInput naming what will not do */
    public void add(String name, String fullName, String role, String password) throws SQLException {
        new Needs()
                .that(
                        "role",
                        Arrays.stream(Role.values()).anyMatch(r -> r.name().equalsIgnoreCase(role)),
                        "is one of lead, fitter, viewer")
                .done();
        PeopleService.checkNames(name, fullName);
        PeopleService.checkPassword(password);
        try {
            records.setAutoCommit(false);
            run(
                    "insert into person (name, full_name, role, password_hash, created_at) values (?, ?, ?, ?, ?)",
                    name,
                    fullName.strip(),
                    role.toUpperCase(Locale.ROOT),
                    hashed(password),
                    MOMENT.format(clock.instant()));
            record("added " + name + " as " + role.toLowerCase(Locale.ROOT));
            records.commit();
        } catch (SQLException e) {
            records.rollback();
            if (String.valueOf(e.getMessage()).contains("is never replaced")
                    || e.getMessage().contains("UNIQUE")) {
                throw new RefusedInput("name", "is taken already");
            }
            throw e;
        }
    }

    private static String hashed(String password) {
        return SecurityConfig.encoder().encode(password);
    }

    private void record(String what) throws SQLException {
        run("insert into act (at, person_name, what) values (?, ?, ?)", MOMENT.format(clock.instant()), WHO, what);
    }

    private int run(String sql, String... texts) throws SQLException {
        try (PreparedStatement s = records.prepareStatement(sql)) {
            for (int i = 0; i < texts.length; i++) {
                s.setString(i + 1, texts[i]);
            }
            return s.executeUpdate();
        }
    }
}
