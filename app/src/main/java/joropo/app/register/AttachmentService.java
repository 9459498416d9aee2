package joropo.app.register;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.HexFormat;
import java.util.List;
import joropo.app.JoropoSettings;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.ui.NotFound;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Photos and documents: their bytes beside the database, on the disk before the row that names them. */
@Service
class AttachmentService {
    private static final int MOST_BYTES = 10 * 1024 * 1024;
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_REASON = 200;

    private final AttachmentMapper attachments;
    private final PeopleService people;
    private final Path folder;
    private final Clock clock;

    AttachmentService(AttachmentMapper attachments, PeopleService people, JoropoSettings settings, Clock clock) {
        this.attachments = attachments;
        this.people = people;
        this.folder = settings.data().resolve("files");
        this.clock = clock;
    }

    /**
     * @param jobId absent: of no job, @param photo whether only a picture will do. @throws RefusedInput when it is
     *     empty, too large, or none of the kinds that are kept
     */
    @Transactional
    public long add(long positionId, @Nullable Long jobId, String name, byte[] bytes, boolean photo, Person person) {
        if (bytes.length == 0 || bytes.length > MOST_BYTES) {
            throw new RefusedInput("file", bytes.length == 0 ? "is empty" : "is larger than 10 MiB");
        }
        String type = type(bytes);
        if (type == null || photo && !type.startsWith("image/")) {
            throw new RefusedInput(
                    "file", photo ? "is no picture: JPEG, PNG or WebP are kept" : "is none of JPEG, PNG, WebP or PDF");
        }
        String plain = name.replaceAll("[\\p{Cntrl}\\\\/:*?\"<>|]", " ").strip();
        String sha256 = store(bytes);
        people.record(person.name(), "added " + plain);
        return attachments.insert(
                positionId,
                jobId,
                plain.isEmpty() ? "photo" : plain.substring(Math.max(0, plain.length() - LONGEST_NAME)),
                type,
                sha256,
                person.id(),
                clock.instant().truncatedTo(ChronoUnit.MILLIS));
    }

    @Transactional(readOnly = true)
    public List<Attachment> ofPosition(long positionId) {
        return attachments.ofPosition(positionId);
    }

    /** A file with its bytes. */
    public record Stored(Attachment attachment, Path file) {}

    /** @throws NotFound when there is none, or its bytes are gone */
    @Transactional(readOnly = true)
    public Stored find(long id) {
        Attachment found = attachments.find(id).orElseThrow(() -> new NotFound("file " + id));
        Path file = folder.resolve(found.sha256());
        if (!Files.isRegularFile(file)) {
            throw new NotFound("file " + found.name());
        }
        return new Stored(found, file);
    }

    /** Nothing is deleted: it is withdrawn with its reason. @throws RefusedInput without one */
    @Transactional
    public void withdraw(long id, String why, Person person) {
        if (why.isBlank() || why.length() > LONGEST_REASON) {
            throw new RefusedInput("why", "needs a reason, up to " + LONGEST_REASON + " characters");
        }
        attachments.withdraw(id, why.strip());
        people.record(person.name(), "withdrew file " + id);
    }

    /** Told by its first bytes. */
    private static @Nullable String type(byte[] b) {
        String head = new String(b, 0, Math.min(b.length, 12), StandardCharsets.ISO_8859_1);
        return head.startsWith("\u00FF\u00D8\u00FF")
                ? "image/jpeg"
                : head.startsWith("\u0089PNG\r\n\u001A\n")
                        ? "image/png"
                        : head.startsWith("RIFF") && head.endsWith("WEBP")
                                ? "image/webp"
                                : head.startsWith("%PDF-") ? "application/pdf" : null;
    }

    /** Under its hash, whole or not at all. */
    private String store(byte[] bytes) {
        try {
            String sha256 = HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
            Path file = folder.resolve(sha256);
            if (!Files.exists(file)) {
                Files.createDirectories(folder);
                Path part = Files.createTempFile(folder, "part", null);
                try (FileChannel out = FileChannel.open(part, StandardOpenOption.WRITE)) {
                    ByteBuffer rest = ByteBuffer.wrap(bytes);
                    while (rest.hasRemaining()) {
                        out.write(rest);
                    }
                    out.force(true);
                }
                Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
            }
            return sha256;
        } catch (IOException e) {
            throw new UncheckedIOException("The file could not be kept", e);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
