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
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import joropo.app.JoropoSettings;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.ui.NotFound;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Photos and documents: their bytes beside the database, on the disk before the row that names them. A photo is kept as
 * it came, without where it was taken; pages show it in a sensible size.
 */
@Service
class AttachmentService {
    private static final int MOST_BYTES = 10 * 1024 * 1024;
    /** What its name bears that a page shows. */
    private static final String FOR_PAGE = "-page";

    private static final String HEIC = "image/heic";
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_REASON = 200;

    private final AttachmentMapper attachments;
    private final PeopleService people;
    private final TransactionTemplate writing;
    private final Path folder;
    private final Clock clock;

    AttachmentService(
            AttachmentMapper attachments,
            PeopleService people,
            JoropoSettings settings,
            TransactionTemplate writing,
            Clock clock) {
        this.writing = writing;
        this.attachments = attachments;
        this.people = people;
        this.folder = settings.data().resolve("files");
        this.clock = clock;
    }

    /**
     * @param jobId absent: of no job, @param photo whether only a picture will do. @throws RefusedInput when it is
     *     empty, too large, damaged, or none of the kinds that are kept
     */
    public long add(long positionId, @Nullable Long jobId, String name, byte[] bytes, boolean photo, Person person) {
        if (bytes.length == 0 || bytes.length > MOST_BYTES) {
            throw new RefusedInput("file", bytes.length == 0 ? "is empty" : "is larger than 10 MiB");
        }
        String type = type(bytes);
        if (HEIC.equals(type)) {
            throw new RefusedInput(
                    "file",
                    "is a HEIC picture, which many screens cannot show: set the phone's camera to JPEG, or save it as"
                            + " JPEG first");
        }
        if (type == null || photo && !type.startsWith("image/")) {
            throw new RefusedInput(
                    "file", photo ? "is no picture: JPEG, PNG or WebP are kept" : "is none of JPEG, PNG, WebP or PDF");
        }
        String plain = name.replaceAll("[\\p{Cntrl}\\\\/:*?\"<>|]", " ").strip();
        String named = plain.isEmpty() ? "photo" : plain.substring(Math.max(0, plain.length() - LONGEST_NAME));
        Kept kept = keep(type, bytes);
        try {
            return writing.execute(status -> {
                people.record(person.name(), "added " + named);
                if (kept.pageSha256() != null) {
                    attachments.insertPage(kept.sha256(), kept.pageSha256(), clock.instant());
                }
                return attachments.insert(
                        positionId,
                        jobId,
                        named,
                        type,
                        kept.sha256(),
                        person.id(),
                        clock.instant().truncatedTo(ChronoUnit.MILLIS));
            });
        } catch (RuntimeException e) {
            kept.made().forEach(this::takeBack);
            throw e;
        }
    }

    /**
     * @param pageSha256 of the copy that pages show, absent: it has none, @param made files that were not there before
     */
    private record Kept(String sha256, @Nullable String pageSha256, List<String> made) {}

    /** Copies that were made before they were evidence are taken as they lie there, once. */
    @EventListener(ApplicationReadyEvent.class)
    void pagesOfBefore() {
        List<String> without = attachments.withoutPage();
        for (String sha256 : without) {
            Path page = folder.resolve(sha256 + FOR_PAGE);
            if (Files.isRegularFile(page)) {
                try {
                    String made = hash(Files.readAllBytes(page));
                    writing.executeWithoutResult(s -> attachments.insertPage(sha256, made, clock.instant()));
                } catch (IOException e) {
                    throw new UncheckedIOException("A copy of a photo cannot be read", e);
                }
            }
        }
    }

    private void takeBack(String name) {
        try {
            Files.deleteIfExists(folder.resolve(name));
        } catch (IOException e) {
            throw new UncheckedIOException("The file could not be taken back", e);
        }
    }

    /** @throws RefusedInput when it is damaged, or has too many pixels */
    private Kept keep(String type, byte[] bytes) {
        byte[] kept;
        Optional<byte[]> small;
        try {
            if (Pictures.isTooLarge(type, bytes)) {
                throw new RefusedInput("file", "has more than 60 million pixels: take it in a smaller size");
            }
            kept = Pictures.withoutPlace(type, bytes);
            small = Pictures.forPage(type, kept);
        } catch (RefusedInput e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            throw new RefusedInput("file", "is damaged: it cannot be read as a picture");
        }
        String sha256 = hash(kept);
        List<String> made = new ArrayList<>();
        if (store(sha256, kept)) {
            made.add(sha256);
        }
        if (small.isPresent() && store(sha256 + FOR_PAGE, small.get())) {
            made.add(sha256 + FOR_PAGE);
        }
        return new Kept(sha256, small.map(AttachmentService::hash).orElse(null), made);
    }

    @Transactional(readOnly = true)
    public List<Attachment> ofPosition(long positionId) {
        return attachments.ofPosition(positionId);
    }

    /** A file with its bytes, and what they are. */
    public record Stored(Attachment attachment, String mediaType, Path file) {}

    /** @param small as a page shows it, @throws NotFound when there is none, or its bytes are gone */
    @Transactional(readOnly = true)
    public Stored find(long id, boolean small) {
        Attachment found = attachments.find(id).orElseThrow(() -> new NotFound("file " + id));
        Path forPage = folder.resolve(found.sha256() + FOR_PAGE);
        if (small && Files.isRegularFile(forPage)) {
            return new Stored(found, "image/jpeg", forPage);
        }
        Path file = folder.resolve(found.sha256());
        if (!Files.isRegularFile(file)) {
            throw new NotFound("file " + found.name());
        }
        return new Stored(found, found.mediaType(), file);
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
                                : head.startsWith("%PDF-")
                                        ? "application/pdf"
                                        : head.matches("(?s).{4}ftyp(heic|heix|hevc|mif1|msf1)") ? HEIC : null;
    }

    /** Whole or not at all. @return whether it was not there before */
    private boolean store(String name, byte[] bytes) {
        Path file = folder.resolve(name);
        if (Files.exists(file)) {
            return false;
        }
        Path part = null;
        try {
            Files.createDirectories(folder);
            part = Files.createTempFile(folder, "part", null);
            try (FileChannel out = FileChannel.open(part, StandardOpenOption.WRITE)) {
                ByteBuffer rest = ByteBuffer.wrap(bytes);
                while (rest.hasRemaining()) {
                    out.write(rest);
                }
                out.force(true);
            }
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
            try (FileChannel whole = FileChannel.open(folder, StandardOpenOption.READ)) {
                whole.force(true); // after a power cut it is there by its name too
            }
            return true;
        } catch (IOException e) {
            if (part != null) {
                takeBack(part.getFileName().toString());
            }
            throw new UncheckedIOException("The file could not be kept", e);
        }
    }

    private static String hash(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
