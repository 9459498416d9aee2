package joropo.app;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.Statement;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Counts what goes to the database: statements and transactions, each statement outside one being its own. */
@Configuration(proxyBeanMethods = false)
public class Traffic {
    private static final AtomicInteger STATEMENTS = new AtomicInteger();
    private static final AtomicInteger TRANSACTIONS = new AtomicInteger();

    /** What went there. */
    public record Count(int statements, int transactions) {}

    /** Since this was asked last. */
    public static Count sinceLast() {
        return new Count(STATEMENTS.getAndSet(0), TRANSACTIONS.getAndSet(0));
    }

    @Bean
    static BeanPostProcessor counted() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return name.equals("dataSource") ? watched(bean, DataSource.class) : bean;
            }
        };
    }

    /** The same thing with every connection and statement that it gives watched too. */
    private static Object watched(Object of, Class<?> as) {
        return Proxy.newProxyInstance(Traffic.class.getClassLoader(), new Class<?>[] {as}, (proxy, method, args) -> {
            try {
                if (of instanceof Statement s && method.getName().startsWith("execute")) {
                    STATEMENTS.incrementAndGet();
                    if (s.getConnection().getAutoCommit()) {
                        TRANSACTIONS.incrementAndGet();
                    }
                }
                if (of instanceof Connection
                        && (method.getName().equals("commit")
                                || method.getName().equals("rollback"))) {
                    TRANSACTIONS.incrementAndGet();
                }
                Object out = method.invoke(of, args);
                Class<?> kind = method.getReturnType();
                boolean gives = kind == Connection.class && of instanceof DataSource
                        || Statement.class.isAssignableFrom(kind) && of instanceof Connection;
                return gives && out != null ? watched(out, kind) : out;
            } catch (InvocationTargetException e) {
                throw e.getCause();
            }
        });
    }
}
