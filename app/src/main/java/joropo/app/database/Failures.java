package joropo.app.database;

import java.io.UncheckedIOException;
import java.net.BindException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.util.Optional;
import org.flywaydb.core.api.FlywayException;
import org.jspecify.annotations.Nullable;

/** A failure of disk, database or port in one sentence, with what to do. */
public final class Failures {
    private Failures() {}

    /** Of whatever it is. */
    public static String words(Throwable failure) {
        return known(failure)
                .orElseGet(() -> "It did not work: " + root(failure).getMessage());
    }

    /** The innermost cause that says something, without the layers that only pass it on. */
    private static Throwable root(Throwable failure) {
        Throwable cause = failure;
        while (cause.getCause() != null && !(cause instanceof NotDone)) {
            cause = cause.getCause();
        }
        return cause instanceof UncheckedIOException unchecked ? unchecked.getCause() : cause;
    }

    /** Where it is one of those that are known. */
    public static Optional<String> known(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            String said = of(cause);
            if (said != null) {
                return Optional.of(said);
            }
        }
        return Optional.empty();
    }

    private static @Nullable String of(Throwable cause) {
        String said = String.valueOf(cause.getMessage());
        if (cause instanceof NotDone || cause instanceof Upgrade.MadeByNewer) {
            return said;
        }
        if (said.startsWith("port out of range")) {
            return "A port lies between 1 and 65535: JOROPO_PORT.";
        }
        if (cause instanceof BindException) {
            return "This address or port cannot be listened on. Choose another: JOROPO_PORT, JOROPO_ADDRESS.";
        }
        if (said.contains("No space left") || said.contains("SQLITE_FULL")) {
            return "The disk is full. Make room, and do it again: nothing was changed.";
        }
        if (said.contains("SQLITE_NOTADB")) {
            return "The file joropo.db is no database. Bring back the last backup: ./joropo restore FILE.";
        }
        if (said.contains("SQLITE_CORRUPT")) {
            return "The database is damaged. Bring back the last backup: ./joropo restore FILE.";
        }
        if (said.contains("SQLITE_READONLY") || said.contains("Read-only file system")) {
            return "The disk takes no writing. Give the data folder to this user, or choose another: JOROPO_DATA.";
        }
        if (said.contains("SQLITE_CANTOPEN")) {
            return "The database cannot be opened. Check that the data folder is there and belongs to this user:"
                    + " JOROPO_DATA.";
        }
        if (cause instanceof FlywayException) {
            return said.contains("non-empty schema")
                    ? "The file joropo.db is a database of something else. Choose another data folder: JOROPO_DATA."
                    : "The database was made by another version: start that one, or a newer one.";
        }
        if (cause instanceof NoSuchFileException) {
            return "There is no " + said + ". Check the name.";
        }
        if (cause instanceof AccessDeniedException) {
            return "This user may not use " + said + ". Give it to this user, or choose another place.";
        }
        if (cause instanceof FileSystemException) {
            return "The disk refused " + said + ". Check it, or choose another place.";
        }
        return null;
    }
}
