package joropo.app.exchange;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import joropo.app.access.PeopleAtTheMachine;
import joropo.app.database.DataLock;
import joropo.app.database.Failures;
import joropo.app.database.NotDone;
import joropo.app.database.OwnerOnly;
import joropo.app.database.Upgrade;
import joropo.core.units.RefusedInput;
import org.springframework.boot.logging.LogLevel;
import org.springframework.boot.logging.LoggingSystem;

/** What is done with the records at the machine itself, without a server: {@code ./joropo verify} and its like. */
public final class Commands {
    private static final Set<String> KNOWN = Set.of("verify", "backup", "restore", "export", "import", "person");
    private static final int WELL = 0;
    private static final int NOT_WELL = 1;
    private static final int NOT_UNDERSTOOD = 2;

    private Commands() {}

    public static boolean knows(String... args) {
        return args.length > 0 && KNOWN.contains(args[0]);
    }

    /** Works on the folder that {@code JOROPO_DATA} names. @return the exit code: 0 when all is well */
    public static int run(String[] args, PrintStream out) {
        LoggingSystem.get(Commands.class.getClassLoader()).setLogLevel(LoggingSystem.ROOT_LOGGER_NAME, LogLevel.WARN);
        String told = System.getenv("JOROPO_DATA");
        return run(Path.of(told == null || told.isBlank() ? "data" : told), args, out);
    }

    static int run(Path data, String[] args, PrintStream out) {
        List<String> rest = Arrays.asList(args).subList(1, args.length);
        try {
            switch (args[0]) {
                case "verify" -> {
                    return verify(data, rest, out);
                }
                case "backup" -> {
                    Backup.Taken taken = Backup.take(
                            there(data), Path.of(one(rest)), Clock.systemUTC().instant(), LongWork.Tell.nobody());
                    out.println("Kept in " + taken.file() + ", with " + taken.files() + " files. Last link: "
                            + taken.head());
                }
                case "restore" -> {
                    Path file = Path.of(one(rest));
                    if (!Files.isRegularFile(file)) {
                        throw new NotDone("There is no file " + file + ".");
                    }
                    Backup.Restored back =
                            Backup.restore(file, data, Clock.systemUTC().instant());
                    out.println(back.report().words());
                    out.println("It is in place. What was there before lies in " + back.before());
                }
                case "export" -> {
                    Path to = Path.of(one(rest)).toAbsolutePath();
                    if (Files.exists(to)) {
                        throw new NotDone(to + " is there already. Choose another name.");
                    }
                    try (Connection records = Backup.reading(there(data).resolve("joropo.db"))) {
                        ShopOut.write(records, data.resolve("files"), to, LongWork.Tell.nobody());
                    }
                    out.println("Kept in " + to);
                }
                case "import" -> bringIn(data, rest, out);
                default -> person(data, rest, out);
            }
            return WELL;
        } catch (NotUnderstood e) {
            out.println(e.getMessage());
            return NOT_UNDERSTOOD;
        } catch (RefusedInput e) {
            e.errors().forEach(x -> out.println("The " + x.field() + " " + x.message() + "."));
            return NOT_WELL;
        } catch (IOException | SQLException | RuntimeException e) {
            out.println("Not done: " + Failures.words(e));
            return NOT_WELL;
        }
    }

    private static final class NotUnderstood extends RuntimeException {
        private static final long serialVersionUID = 1;

        NotUnderstood(String message) {
            super(message);
        }
    }

    private static String one(List<String> rest) {
        if (rest.size() != 1 || rest.get(0).isBlank()) {
            throw new NotUnderstood("Needs the name of one file.");
        }
        return rest.get(0);
    }

    private static Path there(Path data) throws IOException {
        if (!Files.isRegularFile(data.resolve("joropo.db"))) {
            throw new NotDone("There are no records in " + data.toAbsolutePath() + ". Set JOROPO_DATA.");
        }
        return data;
    }

    private static int verify(Path data, List<String> rest, PrintStream out) throws IOException, SQLException {
        try (Connection records = Backup.reading(there(data).resolve("joropo.db"))) {
            Verifier.Report report = Verifier.verify(records, data.resolve("files"), LongWork.Tell.nobody());
            report.faults().forEach(out::println);
            out.println(report.words());
            if (!rest.isEmpty() && !hasLink(records, rest.get(0))) {
                out.println("The chain does not hold the link " + rest.get(0) + ": what was written then is gone.");
                return NOT_WELL;
            }
            return report.isWhole() ? WELL : NOT_WELL;
        }
    }

    private static void bringIn(Path data, List<String> rest, PrintStream out) throws IOException, SQLException {
        boolean tried = rest.contains("--try");
        Path file = Path.of(one(rest.stream().filter(r -> !r.equals("--try")).toList()));
        if (!Files.isRegularFile(file)) {
            throw new NotDone("There is no file " + file + ".");
        }
        try (DataLock lock = DataLock.take(data)) {
            Path database = data.resolve("joropo.db");
            Upgrade.upTo(database, new BackupBeforeUpgrade(data, Clock.systemUTC()));
            OwnerOnly.folder(data);
            OwnerOnly.file(database);
            ShopIn.Result result = tried
                    ? ShopIn.tried(file, data, Clock.systemUTC().instant(), LongWork.Tell.nobody())
                    : ShopIn.read(
                            file,
                            () -> Backup.writing(database),
                            data.resolve("files"),
                            Clock.systemUTC().instant(),
                            LongWork.Tell.nobody());
            result.lines().forEach(out::println);
            out.println(tried ? "Nothing was changed: it was only tried." : "It is in place.");
        }
    }

    private static boolean hasLink(Connection records, String link) throws SQLException {
        try (PreparedStatement s = records.prepareStatement("select 1 from chain where link = ?")) {
            s.setString(1, link.strip());
            try (ResultSet row = s.executeQuery()) {
                return row.next();
            }
        }
    }

    private static void person(Path data, List<String> rest, PrintStream out) throws IOException, SQLException {
        String what = rest.isEmpty() ? "" : rest.get(0);
        try (Connection records = Backup.writing(there(data).resolve("joropo.db"))) {
            var people = new PeopleAtTheMachine(records, Clock.systemUTC());
            if (what.equals("list") && rest.size() == 1) {
                people.list().forEach(out::println);
            } else if (what.equals("password") && rest.size() == 2) {
                people.setPassword(rest.get(1), password(out));
                out.println("The password of " + rest.get(1) + " is set.");
            } else if (what.equals("add") && rest.size() == 4) {
                people.add(rest.get(1), rest.get(2), rest.get(3), password(out));
                out.println(rest.get(1) + " can sign in now.");
            } else {
                throw new NotUnderstood(
                        "Needs one of: list; password NAME; add NAME \"FULL NAME\" lead, fitter or viewer.");
            }
        }
    }

    /** Typed unseen where there is a console, else the first line that comes in. */
    private static String password(PrintStream out) throws IOException {
        if (System.console() != null) {
            return new String(System.console().readPassword("New password: "));
        }
        out.println("New password, one line:");
        String line = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)).readLine();
        return line == null ? "" : line;
    }
}
