package joropo.app.database;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.SQLException;
import java.util.HexFormat;
import java.util.Properties;
import joropo.core.diagnosis.Cause;
import org.sqlite.Function;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteConnection;
import org.sqlite.SQLiteDataSource;

/**
 * Connections whose statements can hash a text, as the chain of the evidence needs it, {@code sha256(text)}, and say a
 * cause in its words, by which it is found, {@code cause_words(code)}.
 */
public final class HashingDataSource extends SQLiteDataSource {
    public HashingDataSource(String url, Properties pragmas) {
        super(new SQLiteConfig(pragmas));
        setUrl(url);
    }

    @Override
    public SQLiteConnection getConnection(String name, String password) throws SQLException {
        SQLiteConnection connection = super.getConnection(name, password);
        Function.create(connection, "sha256", new Sha256OfText(), 1, Function.FLAG_DETERMINISTIC);
        Function.create(connection, "cause_words", new CauseWords(), 1, Function.FLAG_DETERMINISTIC);
        return connection;
    }

    private static final class Sha256OfText extends Function {
        @Override
        protected void xFunc() throws SQLException {
            String text = value_text(0);
            if (text == null) {
                result();
            } else {
                result(sha256(text));
            }
        }
    }

    /** A cause that is not known is said as it was written. */
    private static final class CauseWords extends Function {
        @Override
        protected void xFunc() throws SQLException {
            String code = value_text(0);
            result(Cause.of(code).map(Cause::words).orElse(code));
        }
    }

    /** 64 hexadecimal digits of the text's UTF-8 bytes. */
    public static String sha256(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
