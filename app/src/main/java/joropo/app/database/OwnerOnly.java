package joropo.app.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/** Records are read by the user that runs Joropo, and nobody else on the machine; where the disk knows of users. */
public final class OwnerOnly {
    private OwnerOnly() {}

    /** A file is made where there is none, so that whoever writes it finds it closed. */
    public static void file(Path file) throws IOException {
        if (!Files.exists(file)) {
            Files.createFile(file);
        }
        set(file, "rw-------");
    }

    public static void folder(Path folder) throws IOException {
        set(folder, "rwx------");
    }

    private static void set(Path path, String mode) throws IOException {
        Set<PosixFilePermission> wanted = PosixFilePermissions.fromString(mode);
        var view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
        if (view == null || view.readAttributes().permissions().equals(wanted)) {
            return;
        }
        try {
            view.setPermissions(wanted);
        } catch (IOException e) {
            if (knowsUsers(path)) {
                throw e;
            }
        }
    }

    /** Of a disk that cannot be asked, in a changed root or behind an odd mount, nothing is known. */
    private static boolean knowsUsers(Path path) {
        try {
            return Files.getFileStore(path).supportsFileAttributeView(PosixFileAttributeView.class);
        } catch (IOException e) {
            return false;
        }
    }
}
