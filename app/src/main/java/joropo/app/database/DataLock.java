package joropo.app.database;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * One server on one folder; nothing replaces the records while it runs. The lock goes with the process, however it
 * ends.
 */
public final class DataLock implements AutoCloseable {
    private final FileChannel channel;
    private final FileLock lock;

    private DataLock(FileChannel channel, FileLock lock) {
        this.channel = channel;
        this.lock = lock;
    }

    /** @throws NotDone when another process holds it */
    public static DataLock take(Path data) throws IOException {
        Files.createDirectories(data);
        FileChannel channel =
                FileChannel.open(data.resolve("joropo.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return new DataLock(channel, lock);
            }
        } catch (OverlappingFileLockException e) {
            channel.close();
            throw running(data);
        }
        channel.close();
        throw running(data);
    }

    private static NotDone running(Path data) {
        return new NotDone("Another Joropo runs on " + data + ". Stop it first, or choose another JOROPO_DATA.");
    }

    @Override
    public void close() throws IOException {
        lock.release();
        channel.close();
    }
}
