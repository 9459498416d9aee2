package joropo.app;

import java.time.Clock;
import joropo.app.exchange.Commands;
import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

/** Starts the application; everything that can be set is in {@link JoropoSettings}. */
@SpringBootApplication(proxyBeanMethods = false)
@ConfigurationPropertiesScan
@MapperScan(annotationClass = Mapper.class)
public class JoropoApplication {
    public static void main(String[] args) {
        if (Commands.knows(args)) {
            System.exit(Commands.run(args, System.out));
        }
        SpringApplication.run(JoropoApplication.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
