package joropo.app.exchange;

import java.io.IOException;
import java.sql.SQLException;
import java.util.Map;
import joropo.app.database.NotDone;
import tools.jackson.databind.JsonNode;

/** Brings in what the works, its gauges, fluids, materials and drivers are. */
final class SettingsIn {
    private final Incoming in;

    SettingsIn(Incoming in) {
        this.in = in;
    }

    /** @param whole whether those of the works come too, since it becomes the shop of the file */
    void settings(JsonNode settings, boolean whole) throws IOException, SQLException {
        in.writing(() -> all(settings, whole));
    }

    private void all(JsonNode settings, boolean whole) throws IOException, SQLException {
        if (whole) {
            for (JsonNode s : settings.path("works")) {
                if (!Sound.isSetting(Incoming.text(s, "name"), Incoming.text(s, "value"))) {
                    in.refuse("setting " + Incoming.text(s, "name"), "it is not known here");
                    continue;
                }
                in.rows()
                        .run(
                                "insert into works_setting (name, value) values (?, ?) on conflict "
                                        + "(name) do update set value ="
                                        + " excluded.value",
                                Incoming.text(s, "name"),
                                Incoming.text(s, "value"));
            }
        }
        for (JsonNode gauge : settings.path("gauges")) {
            in.each("gauge " + gauge.path("name").asString(""), () -> gauge(gauge));
        }
        for (JsonNode fluid : settings.path("fluids")) {
            in.each(
                    "fluid " + fluid.path("code").asString(""),
                    () -> coded(
                            "own_fluid",
                            "fluids",
                            fluid,
                            "code",
                            "name",
                            "like_fluid",
                            "ratings",
                            "document",
                            "created_at",
                            "withdrawn_why"));
        }
        for (JsonNode material : settings.path("materials")) {
            in.each(
                    "material " + material.path("code").asString(""),
                    () -> coded(
                            "own_material",
                            "materials",
                            material,
                            "code",
                            "name",
                            "family",
                            "min_c",
                            "max_c",
                            "document",
                            "created_at",
                            "withdrawn_why"));
        }
    }

    /** A gauge is named in readings by its number: it keeps it where that is free. */
    private void gauge(JsonNode gauge) throws SQLException, IOException {
        Long there = in.rows()
                .id(
                        "select id from own_gauge where name = ? and kind = ? and created_at = ?",
                        Incoming.text(gauge, "name"),
                        Incoming.text(gauge, "kind"),
                        Incoming.value(gauge, "createdAt"));
        if (there == null) {
            Map<String, Object> row = Incoming.values(
                    gauge, "name", "kind", "uncertainty_mm", "certificate", "due_on", "created_at", "withdrawn_why");
            Object number = Incoming.value(gauge, "id");
            if (in.rows().one("select 1 from own_gauge where id = ?", number) == null) {
                row.put("id", number);
            }
            there = in.insert("own_gauge", row);
            in.added("gauges");
        } else {
            in.hereAlready();
        }
        in.references().gauge(Rows.number(Incoming.value(gauge, "id")), there);
    }

    private void coded(String table, String what, JsonNode of, String... columns) throws SQLException, IOException {
        Map<String, Object> row = Incoming.values(of, columns);
        var there = in.rows().all("select * from " + table + " where code = ?", Incoming.text(of, "code"));
        if (there.isEmpty()) {
            in.insert(table, row);
            in.added(what);
        } else if (row.entrySet().stream()
                .filter(e -> !e.getKey().endsWith("_at"))
                .allMatch(e -> String.valueOf(there.get(0).get(e.getKey())).equals(String.valueOf(e.getValue())))) {
            in.hereAlready();
        } else {
            throw new NotDone("this code stands for something else here");
        }
    }

    void drivers(JsonNode drivers) throws IOException, SQLException {
        in.writing(() -> all(drivers));
    }

    private void all(JsonNode drivers) throws IOException, SQLException {
        for (JsonNode driver : drivers) {
            in.each("driver " + driver.path("outsideMm").asString(""), () -> {
                Long position = driver.path("position").isNull() ? null : in.position(driver);
                if (in.rows()
                                .one(
                                        "select 1 from own_driver where outside_mm = ? and note = ? and "
                                                + "position_id is ?",
                                        Incoming.value(driver, "outsideMm"),
                                        Incoming.value(driver, "note"),
                                        position)
                        != null) {
                    in.hereAlready();
                    return;
                }
                Map<String, Object> row = Incoming.values(driver, "outside_mm", "note", "created_at", "withdrawn_why");
                row.put("position_id", position);
                in.insert("own_driver", row);
                in.added("drivers");
            });
        }
    }
}
